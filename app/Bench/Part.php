<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Str;

/** A piece of a bench page that is replaced by itself, and only when it changed. */
final readonly class Part
{
    /** Stands in a page for the name of whoever looks at it */
    public const NAME = "\u{e000}";

    private function __construct(public string $name, public string $version, public string $html) {}

    public static function rendered(string $name, string $html): self
    {
        // Every rendering carries new keys for its forms: they are no change.
        $lasting = preg_replace('/ name="_(?:once|token)" value="[^"]*"/', '', $html);

        return new self($name, self::short((string) $lasting), $html);
    }

    /** One whose version is known before it is rendered. */
    public static function ofVersion(string $name, string $version, string $html): self
    {
        return new self($name, $version, $html);
    }

    /**
     * From the mould for one person: with their name, and with keys of its own for its forms, so that no two pages share
     * those under which a form is stored once.
     */
    public function forPerson(string $name): self
    {
        $html = str_replace(self::NAME, e($name), $this->html);
        $html = preg_replace('/ name="_token" value="[^"]*"/', ' name="_token" value="'.csrf_token().'"', $html);

        return new self($this->name, $this->version, (string) preg_replace_callback(
            '/ name="_once" value="[^"]*"/',
            static fn (): string => ' name="_once" value="'.Str::ulid().'"',
            (string) $html,
        ));
    }

    public static function short(string $content): string
    {
        return substr(hash('xxh128', $content), 0, 12);
    }
}
