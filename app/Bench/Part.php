<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Str;

/** A piece of a bench page that is replaced by itself, and only when it changed. */
final readonly class Part
{
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

    /** Two pages from the same mould must not share the keys under which their forms are stored once. */
    public function withFreshForms(): self
    {
        $html = preg_replace('/ name="_token" value="[^"]*"/', ' name="_token" value="'.csrf_token().'"', $this->html);

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
