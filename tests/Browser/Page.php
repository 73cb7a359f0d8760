<?php

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** A page of the app in a real browser, as a hand uses it: it waits for what it is to find. */
abstract class Page
{
    private const PATIENCE_SECONDS = 30;

    public RemoteWebDriver $browser;

    /** Where a path of the app is found from this browser. */
    abstract public function address(string $path = ''): string;

    /**
     * A browser of the driver that listens there.
     *
     * @param  list<string>  $arguments  beside what every headless one is started with
     */
    final protected function openBrowser(string $driver, string ...$arguments): void
    {
        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--force-color-profile=srgb', '--window-size=1280,800', ...$arguments,
        ]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $this->browser = RemoteWebDriver::create($driver, $wanted, 20_000, 60_000);
    }

    /** The screen as so many CSS pixels; a phone's when narrow. */
    public function size(int $wide, int $high): void
    {
        $this->devtools('Emulation.setDeviceMetricsOverride', ['width' => $wide, 'height' => $high, 'deviceScaleFactor' => 1, 'mobile' => $wide < 600]);
    }

    /** @param  array<string, mixed>  $parameters */
    public function devtools(string $command, array $parameters): mixed
    {
        return $this->browser->executeCustomCommand('/session/:sessionId/chromium/send_command_and_get_result', 'POST', ['cmd' => $command, 'params' => $parameters === [] ? new \stdClass : $parameters]);
    }

    public function go(string $path): static
    {
        $this->browser->get($this->address($path));

        return $this;
    }

    public function path(): string
    {
        return (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
    }

    /** Waits until the address is like this pattern, and gives what its brackets caught. */
    public function arrive(string $pattern): string
    {
        self::until(fn () => preg_match("#^{$pattern}$#", $this->path()) === 1, "the address to become {$pattern}, not {$this->path()}");
        preg_match("#^{$pattern}$#", $this->path(), $found);

        return $found[1] ?? '';
    }

    public function find(string $css): RemoteWebElement
    {
        return self::until(fn () => $this->all($css)[0] ?? null, "“{$css}” to appear");
    }

    /** @return list<RemoteWebElement> */
    public function all(string $css): array
    {
        return $this->browser->findElements(WebDriverBy::cssSelector($css));
    }

    /** The text of an element as it is rendered, fractions as they are typed. */
    public function text(string $css): string
    {
        return trim((string) $this->browser->executeScript('const e = document.querySelector(arguments[0]); return e ? (e.innerText ?? e.textContent) : ""', [$css]));
    }

    /** @return list<string> the texts of all that match */
    public function texts(string $css): array
    {
        return $this->browser->executeScript('return [...document.querySelectorAll(arguments[0])].map((e) => (e.innerText ?? e.textContent).trim())', [$css]);
    }

    /** Waits until an element says this. */
    public function see(string $css, string $words): static
    {
        $seen = null;
        try {
            self::until(function () use ($css, $words, &$seen) {
                $seen = $this->all($css) === [] ? null : $this->text($css);

                return $seen !== null && str_contains($seen, $words);
            }, '');
        } catch (\RuntimeException) {
            // Said below, with what was there instead.
        }
        Assert::assertNotNull($seen, "There is no {$css} at {$this->path()}: {$this->text('main')}");
        Assert::assertStringContainsString($words, $seen, "in {$css} at {$this->path()}");

        return $this;
    }

    public function click(string $css): static
    {
        self::until(function () use ($css) {
            $this->find($css)->click();

            return true;
        }, "“{$css}” to be clicked");

        return $this;
    }

    /** The shelf down to its oldest drawing, however many other tests have laid upon it. */
    public function wholeShelf(): static
    {
        $this->go('/');
        self::until(fn () => $this->browser->executeScript('const more = document.querySelector(".boards ~ .more, .more"); if (more) more.click(); return document.querySelector(".boards li") && !more'), 'the whole shelf');

        return $this;
    }

    /** Clicks the button, link or radio with this name. */
    public function press(string $words): static
    {
        $name = json_encode($words);
        self::until(function () use ($name) {
            $element = $this->pick("[...document.querySelectorAll('button, a, fieldset label, label.check')].find((e) => (e.innerText.trim().replace(/\\s+/g, ' ') === {$name} || e.ariaLabel === {$name}) && e.checkVisibility() && !e.disabled)");
            $element?->click();

            return $element !== null;
        }, "“{$words}” to be pressed");

        return $this;
    }

    /** Unfolds a part of the workings, unless it is open already. */
    public function unfold(string $name): static
    {
        $json = json_encode($name);
        self::until(function () use ($json) {
            $open = $this->browser->executeScript("const d = [...document.querySelectorAll('details')].find((e) => e.querySelector('summary b').innerText.trim() === {$json}); if (d && !d.open) d.querySelector('summary').click(); return d?.open ?? false");

            return $open;
        }, "“{$name}” to unfold");

        return $this;
    }

    /** Picks from a list that folds away. */
    public function choose(string $label, string $option): static
    {
        $this->field($label);
        // Opens the list, takes the option, and looks that it was taken and the list has folded away again.
        $script = <<<'JS'
            const [label, option] = arguments
            const select = document.getElementById([...document.querySelectorAll('label')].find((e) => e.innerText.trim() === label).htmlFor).closest('.el-select__wrapper')
            const open = [...document.querySelectorAll('.el-select-dropdown')].some((e) => e.getBoundingClientRect().height > 0)
            if (select.dataset.taken === option) return !open && select.querySelector('.el-select__placeholder').innerText.trim().startsWith(option.slice(0, 12))
            if (!open) { select.scrollIntoView({ block: 'center' }); select.click(); return false }
            const item = [...document.querySelectorAll('.el-select-dropdown__item')].find((e) => e.getBoundingClientRect().height > 0 && e.innerText.trim().replace(/\s+/g, ' ').startsWith(option))
            if (item) { item.click(); select.dataset.taken = option }
            return false
            JS;
        self::until(fn () => $this->browser->executeScript($script, [$label, $option]), "“{$option}” to be taken under “{$label}”");
        $this->browser->executeScript('document.querySelectorAll("[data-taken]").forEach((e) => delete e.dataset.taken)');

        return $this;
    }

    /**
     * Draws on a board with the mouse held down, from one place to another.
     *
     * @param  array{float, float}  $from  shares of the element
     * @param  array{float, float}  $to
     */
    public function drawOn(string $css, array $from, array $to): static
    {
        $this->find($css);
        [$left, $top, $width, $height] = $this->browser->executeScript('const r = document.querySelector(arguments[0]).getBoundingClientRect(); return [r.left, r.top, r.width, r.height]', [$css]);
        $at = static fn (array $place): array => ['x' => $left + $place[0] * $width, 'y' => $top + $place[1] * $height];
        $mouse = fn (string $type, array $place, int $buttons) => $this->devtools('Input.dispatchMouseEvent', ['type' => $type, ...$at($place), 'button' => 'left', 'buttons' => $buttons, 'clickCount' => 1]);
        $mouse('mouseMoved', $from, 0);
        $mouse('mousePressed', $from, 1);
        foreach ([0.5, 1.0] as $part) {
            $mouse('mouseMoved', [$from[0] + ($to[0] - $from[0]) * $part, $from[1] + ($to[1] - $from[1]) * $part], 1);
        }
        $mouse('mouseReleased', $to, 0);

        return $this;
    }

    /** Types over what a labelled field holds, and leaves it. */
    public function write(string $label, string $words): static
    {
        self::until(function () use ($label, $words): bool {
            $field = $this->field($label);
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys($words === '' ? WebDriverKeys::DELETE : $words)->sendKeys(WebDriverKeys::TAB);

            return true;
        }, "“{$words}” to be written under “{$label}”");

        return $this;
    }

    public function field(string $label): RemoteWebElement
    {
        $name = json_encode($label);

        return self::until(fn () => $this->pick("document.getElementById([...document.querySelectorAll('label')].find((e) => e.innerText.trim() === {$name})?.htmlFor)"), "a field called “{$label}”");
    }

    /** The element a script finds, brought into view; null when there is none. */
    private function pick(string $script): ?RemoteWebElement
    {
        $found = $this->browser->executeScript("document.querySelector('[data-picked]')?.removeAttribute('data-picked'); const e = {$script}; e?.setAttribute('data-picked', ''); e?.scrollIntoView({ block: 'center' }); return !!e");

        return $found ? $this->browser->findElement(WebDriverBy::cssSelector('[data-picked]')) : null;
    }

    /** What stands beside a labelled field. */
    public function fault(string $label): string
    {
        $id = $this->field($label)->getAttribute('id');

        return self::until(fn () => $this->text("#{$id}-fault"), "a word beside “{$label}”");
    }

    public function key(string $key): static
    {
        (new WebDriverActions($this->browser))->sendKeys(null, $key)->perform();

        return $this;
    }

    public function kept(): static
    {
        try {
            self::until(fn () => $this->text('[data-test=kept]') === 'saved', 'the drawing to be saved');
        } catch (\RuntimeException $e) {
            $says = $this->browser->executeScript('return [...document.querySelectorAll("[data-test=kept], [data-test=trouble], [data-test=stale], .fault")].map((e) => e.innerText).join(" | ")');
            throw new \RuntimeException("{$e->getMessage()} The page says: {$says}", 0, $e);
        }

        return $this;
    }

    public function choosePhoto(string $path): static
    {
        $this->find('[data-test=photo-file]')->setFileDetector(new LocalFileDetector)->sendKeys($path);

        return $this;
    }

    /** Fails on anything WCAG 2.2 AA finds wrong with the screen, as axe sees it. */
    public function isAccessible(string $screen): static
    {
        $this->browser->executeScript((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        $violations = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1]
            axe.run({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
               .then((r) => done(r.violations.map((v) => `${v.id}: ${v.help} (${v.nodes.map((n) => n.target.join(' ')).slice(0, 3).join(', ')})`)))
            JS);
        Assert::assertSame([], $violations, "{$screen} is not accessible");

        return $this;
    }

    /** Fails on any error the browser's console noted since it was last asked. */
    public function isQuiet(): static
    {
        $errors = array_filter($this->browser->manage()->getLog('browser'), fn (array $line) => $line['level'] === 'SEVERE' && ! preg_match('/the server responded with a status of 4\d\d/', $line['message']));
        Assert::assertSame([], array_column($errors, 'message'));

        return $this;
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $try
     * @return T the first answer that is not empty
     */
    public static function until(\Closure $try, string $what, float $patience = self::PATIENCE_SECONDS): mixed
    {
        $end = microtime(true) + $patience;
        do {
            try {
                if ($answer = $try()) {
                    return $answer;
                }
            } catch (NoSuchElementException|StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
                // The page redrew itself meanwhile.
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        throw new \RuntimeException("Waited in vain for {$what}.");
    }

    final protected static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: '', 1);
        fclose($socket);

        return $port;
    }
}
