<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Something that a hub makes of a device, so that a function of it shows where it is not known; it goes its own ways from there. */
final readonly class Wrapper
{
    private const AS = ' as ';

    /**
     * @param  string  $device  id of the one that it is made of
     * @param  string  $box  id of the hub that makes it
     * @param  string  $name  as which it shows
     * @param  list<string>  $ecosystems  ids of those that it is made for
     */
    public function __construct(
        public string $device,
        public Wrapping $wrapping,
        public string $box,
        public string $name,
        public array $ecosystems,
    ) {}

    public function id(): string
    {
        return $this->device.self::AS.$this->wrapping->as();
    }

    /**
     * It is named after the thing, and apart from it only where the thing shows beside it with something else that it can.
     *
     * @param  list<string>  $capabilities  of the thing
     */
    public static function nameOf(string $thing, Wrapping $wrapping, array $capabilities): string
    {
        return FunctionTable::passedOn($capabilities) === [$wrapping->of()] ? $thing : $wrapping->besides($thing);
    }

    /** The device that this is, or that it is made of. */
    public static function rawOf(string $id): string
    {
        return explode(self::AS, $id, 2)[0];
    }

    public static function isOne(string $id): bool
    {
        return str_contains($id, self::AS);
    }

    /** What of a device is proved in an ecosystem: all of it, or what a hub makes of it. */
    public static function rung(string $id, string $ecosystem): string
    {
        return $ecosystem.substr($id, strlen(self::rawOf($id)));
    }

    /** "Tansy", or "Tansy, as open and close" */
    public static function rungWords(string $id, string $ecosystem): string
    {
        $as = explode(self::AS, $id, 2)[1] ?? null;

        return $as === null ? $ecosystem : "{$ecosystem}, as ".FunctionTable::words($as);
    }

    /** Whether there can be such a rung: of an ecosystem, or of what hubs make for it. */
    public static function isRung(string $rung): bool
    {
        $made = array_map(static fn (Wrapping $one): string => self::AS.$one->as(), Wrapping::cases());

        return in_array(substr($rung, strlen(self::rawOf($rung))), ['', ...$made], true);
    }

    /** The ecosystem of such a rung. */
    public static function ecosystemOf(string $rung): string
    {
        return self::rawOf($rung);
    }

    /** In which form a hub has what it made itself. */
    public static function formAt(string $box): string
    {
        return "wrapped at {$box}";
    }
}
