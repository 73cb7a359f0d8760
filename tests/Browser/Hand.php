<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/**
 * A hand at the mouse and the keys. It goes by the DevTools' Input domain: the events are the real ones that WebDriver
 * would send as well, without the dozen questions that it asks the browser around each (measured: a key 6 ms of
 * processor instead of 74, a click 26 instead of 93).
 */
final readonly class Hand
{
    public const SHIFT = 8;

    public const CONTROL = 2;

    /** Keys that write nothing, and Enter: what the page calls each, and its Windows virtual-key code. */
    private const NAMED = [
        WebDriverKeys::TAB => ['Tab', 9], WebDriverKeys::ENTER => ['Enter', 13], WebDriverKeys::BACKSPACE => ['Backspace', 8], WebDriverKeys::DELETE => ['Delete', 46], WebDriverKeys::ESCAPE => ['Escape', 27],
        WebDriverKeys::ARROW_LEFT => ['ArrowLeft', 37], WebDriverKeys::ARROW_UP => ['ArrowUp', 38], WebDriverKeys::ARROW_RIGHT => ['ArrowRight', 39], WebDriverKeys::ARROW_DOWN => ['ArrowDown', 40],
        WebDriverKeys::PAGE_UP => ['PageUp', 33], WebDriverKeys::PAGE_DOWN => ['PageDown', 34],
    ];

    /** @param  \Closure(string, array<string, mixed>): mixed  $devtools */
    public function __construct(private \Closure $devtools)
    {
    }

    /** Each letter, or key of WebDriverKeys, down and up again; with SHIFT or CONTROL held. */
    public function type(string $keys, int $held = 0): void
    {
        foreach (mb_str_split(str_replace("\n", WebDriverKeys::ENTER, $keys)) as $sign) {
            [$name, $number] = self::NAMED[$sign] ?? [$sign, preg_match('/^[a-z0-9 ]$/i', $sign) === 1 ? ord(strtoupper($sign)) : 0];
            $writes = $name === 'Enter' ? "\r" : (isset(self::NAMED[$sign]) || $held === self::CONTROL ? '' : $sign);
            $key = ['key' => $name, 'code' => self::code($name), 'windowsVirtualKeyCode' => $number, 'modifiers' => $held];
            ($this->devtools)('Input.dispatchKeyEvent', ['type' => $writes === '' ? 'rawKeyDown' : 'keyDown', 'text' => $writes, ...$key]);
            ($this->devtools)('Input.dispatchKeyEvent', ['type' => 'keyUp', ...$key]);
        }
    }

    /** Where such a key lies, as the page is told of it; letters of other scripts lie nowhere. */
    private static function code(string $name): string
    {
        return match (true) {
            $name === ' ' => 'Space',
            preg_match('/^[a-z]$/i', $name) === 1 => 'Key'.strtoupper($name),
            preg_match('/^\d$/', $name) === 1 => "Digit{$name}",
            strlen($name) > 1 && ctype_alpha($name) => $name,
            default => '',
        };
    }

    /** Presses the mouse down here and lets it go. */
    public function click(float $x, float $y): void
    {
        $this->drag([[$x, $y]]);
    }

    /**
     * Holds the mouse down at the first place, and lets it go at the last.
     *
     * @param  non-empty-list<array{float, float}>  $places
     */
    public function drag(array $places): void
    {
        $mouse = fn (string $type, array $place, int $buttons) => ($this->devtools)('Input.dispatchMouseEvent', ['type' => $type, 'x' => $place[0], 'y' => $place[1], 'button' => 'left', 'buttons' => $buttons, 'clickCount' => 1]);
        $mouse('mouseMoved', $places[0], 0);
        $mouse('mousePressed', $places[0], 1);
        foreach (array_slice($places, 1) as $place) {
            $mouse('mouseMoved', $place, 1);
        }
        $mouse('mouseReleased', $places[count($places) - 1], 0);
    }
}
