<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Http\Request;

/**
 * The door a request came in by: this machine's own, or the house's. Which it was is said by the front that took it
 * (bin/serve.sh), in a word that no request can say.
 */
final readonly class Door
{
    /** The loopback names (RFC 6761, 6.3; RFC 5735; RFC 4291, 2.5.3), without their port. */
    private const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

    /** @param  list<string>  $names  of the house, each with its port; empty when it is shut */
    private function __construct(public bool $isHouse, public array $names, private string $host)
    {
    }

    public static function of(Request $request): self
    {
        return new self($request->server('INCH_DOOR') === 'house', self::names(), strtolower((string) $request->headers->get('Host')));
    }

    /** @return list<string> as they are now: they change while it serves, with the networks the computer is on */
    private static function names(): array
    {
        $file = config('inch.data').'/house.names';

        return is_file($file) ? array_values(array_filter(explode(' ', (string) file_get_contents($file)))) : [];
    }

    /** Whether the request calls it by a name of its own: one that another site lets lead here is none (DNS rebinding). */
    public function isCalledByName(): bool
    {
        return $this->isHouse
            ? in_array($this->host, $this->names, true)
            : in_array((string) preg_replace('/:\d{1,5}$/D', '', $this->host), self::LOOPBACK, true);
    }

    /** The origin of its own pages (RFC 6454), under the name it was called by. */
    public function origin(): string
    {
        return ($this->isHouse ? 'https' : 'http')."://{$this->host}";
    }

    /** @return list<string> where a phone finds the house */
    public function addresses(): array
    {
        return array_map(static fn (string $name): string => "https://{$name}", $this->names);
    }

    /** Cookies know no port; the name says which door it is a cookie of. */
    public function port(): int
    {
        return (int) (substr(strrchr($this->host, ':') ?: ':443', 1));
    }
}
