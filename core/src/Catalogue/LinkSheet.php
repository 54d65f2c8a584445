<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What the sheet of a device says of its ways into other systems, beside its own radio. */
final readonly class LinkSheet
{
    /** Every Matter device holds at least as many fabrics (Matter core specification) */
    public const FABRICS = 5;

    private const RELEASE = '/^\d{1,4}(\.\d{1,4}){0,3}$/D';

    /**
     * @param  list<string>  $also  forms in which it can be had without a box: “cloud-link”, “local-link” …
     * @param  string|null  $matterRelease  that its firmware speaks, where it speaks Matter
     */
    private function __construct(public array $also, public ?string $matterRelease, public int $fabrics) {}

    public static function fromInput(?Input $input): self
    {
        $release = $input?->find('matterRelease');
        if ($release !== null && preg_match(self::RELEASE, $release->text()) !== 1) {
            throw InvalidInput::outOfRange($release->at, 'a release: numbers with dots, such as 1.3');
        }

        return new self(
            array_map(static fn (Input $form): string => $form->idUpTo(40), $input?->find('also')?->items() ?? []),
            $release?->text(),
            $input?->find('fabrics')?->whole(1, 254) ?? self::FABRICS,
        );
    }
}
