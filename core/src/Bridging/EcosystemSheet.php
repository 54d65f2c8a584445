<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Naming\Ecosystem as NamePlatform;
use Kavvel\Core\Protocol\Release;
use Kavvel\Core\Wants\WantedFrom;

/** A catalogue entry: what a platform takes in, what it knows, how it removes, and what it does to names. */
final readonly class EcosystemSheet
{
    /** From where something can be wanted that is not our own hub or a hand */
    public const KINDS = [WantedFrom::Voice, WantedFrom::Phone, WantedFrom::Panel, WantedFrom::Bus];

    /**
     * @param  list<string>  $accepts  forms
     * @param  list<string>  $knows  capabilities
     * @param  array<string, list<Act>>  $acts  to take in by a form, by form after a blank
     * @param  string  $account  with what the client signs in; none: nobody does
     * @param  bool  $needsInternet  it stands still without the internet, whatever the path
     * @param  int|null  $mostDevices  that it takes
     * @param  int|null  $nameLength  characters that it takes of a name
     * @param  bool  $addsRoom  it shows the room beside a name
     * @param  bool  $followsNames  a later rename at the source reaches it
     */
    private function __construct(
        public string $key,
        public string $name,
        public WantedFrom $kind,
        public array $accepts,
        public array $knows,
        public array $acts,
        public ?Release $release,
        public Removal $removal,
        public string $account,
        public bool $needsInternet,
        public ?int $mostDevices,
        public ?int $nameLength,
        public bool $addsRoom,
        public bool $followsNames,
        public string $caution,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('key')->idUpTo(80),
            $input->get('name')->idUpTo(80),
            WantedFrom::from($input->get('kind')->word(array_column(self::KINDS, 'value'))),
            SheetInput::words($input->get('accepts')),
            SheetInput::words($input->get('knows')),
            SheetInput::acts($input->find('linking')?->items() ?? [], 'form'),
            Release::fromInput($input->find('matterRelease')),
            Removal::from($input->get('removal')->word(array_column(Removal::cases(), 'value'))),
            $input->find('account')?->textUpTo(120) ?? '',
            $input->find('needsInternet')?->flag() ?? false,
            $input->find('mostDevices')?->whole(1, 100_000),
            $input->find('nameLength')?->whole(1, NamePlatform::MOST_CHARACTERS),
            $input->find('addsRoom')?->flag() ?? false,
            $input->find('followsNames')?->flag() ?? false,
            $input->find('caution')?->textUpTo(400) ?? '',
        );
    }

    /** @param Release|null $release as it was found; null: as the sheet says */
    public function ecosystem(string $id, string $name, ?Release $release): Ecosystem
    {
        return new Ecosystem($id, $name, $this->accepts, $this->knows, $release ?? $this->release, $this->removal);
    }

    /** What it makes of names. */
    public function platform(string $name): NamePlatform
    {
        return new NamePlatform($name, $this->nameLength, $this->addsRoom);
    }
}
