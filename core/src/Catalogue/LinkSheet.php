<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Release;

/** What the sheet of a device says of its ways into other systems, beside its own radio. */
final readonly class LinkSheet
{
    /** Every Matter device holds at least as many fabrics (Matter core specification) */
    public const FABRICS = 5;

    /**
     * @param  list<string>  $also  forms in which it can be had without a box: “cloud-link”, “local-link” …
     * @param  Release|null  $release  of Matter that its firmware speaks, where it speaks Matter
     */
    private function __construct(public array $also, public ?Release $release, public int $fabrics) {}

    public static function fromInput(?Input $input): self
    {
        return new self(
            array_map(static fn (Input $form): string => $form->idUpTo(40), $input?->find('also')?->items() ?? []),
            Release::fromInput($input?->find('matterRelease')),
            $input?->find('fabrics')?->whole(1, 254) ?? self::FABRICS,
        );
    }
}
