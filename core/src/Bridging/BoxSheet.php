<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Release;

/** A catalogue entry: a box or a service between devices and ecosystems. Prices in the money of the company. */
final readonly class BoxSheet
{
    /**
     * @param  bool  $isHub  it takes in what the radios of a hub of the job speak
     * @param  list<string>  $accepts  forms
     * @param  list<Offer>  $offers
     * @param  array<string, list<Act>>  $acts  to pass on in a form, by form after a blank
     * @param  list<Act>  $taking  what is done here when another box is linked to it
     * @param  bool  $wraps  it shows a function as another that is known elsewhere
     * @param  bool  $isService  nothing to plug in: somebody else runs it
     * @param  int|null  $mostDevices  that it passes on
     * @param  string  $whenMakerStops  what becomes of it then
     */
    private function __construct(
        public string $key,
        public string $name,
        public bool $isHub,
        public array $accepts,
        public array $offers,
        public array $acts,
        public array $taking,
        public ?Release $release,
        public float $latencyMs,
        public float $cost,
        public float $yearlyCost,
        public bool $wraps,
        public bool $isService,
        public ?int $mostDevices,
        public Support $support,
        public string $whenMakerStops,
        public string $caution,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('key')->idUpTo(80),
            $input->get('name')->idUpTo(80),
            $input->find('hub')?->flag() ?? false,
            SheetInput::words($input->get('accepts')),
            array_map(self::offer(...), $input->get('offers')->items()),
            SheetInput::acts($input->get('offers')->items(), 'as'),
            array_map(Act::fromInput(...), $input->find('taking')?->items() ?? []),
            Release::fromInput($input->find('matterRelease')),
            $input->find('latencyMs')?->numberUpTo(0, 60_000) ?? 0.0,
            $input->find('cost')?->numberUpTo(0, 1_000_000) ?? 0.0,
            $input->find('yearlyCost')?->numberUpTo(0, 1_000_000) ?? 0.0,
            $input->find('wraps')?->flag() ?? false,
            $input->find('service')?->flag() ?? false,
            $input->find('mostDevices')?->whole(1, 100_000),
            Support::from($input->find('support')?->word(array_column(Support::cases(), 'value')) ?? Support::Maintained->value),
            $input->find('whenMakerStops')?->textUpTo(400) ?? '',
            $input->find('caution')?->textUpTo(400) ?? '',
        );
    }

    /**
     * @param  list<string>  $accepts  forms, with what the radios of its hub take in
     * @param  Release|null  $release  as it was found; null: as the sheet says
     */
    public function box(string $id, string $name, bool $isOwned, array $accepts, ?Release $release): Box
    {
        return new Box(
            $id,
            $name,
            $isOwned,
            $accepts,
            array_map(static fn (Offer $offer): Offer => $release !== null && Form::goesByRelease($offer->as)
                ? new Offer($offer->as, $release, $offer->drops, $offer->isCloud, $offer->copies)
                : $offer, $this->offers),
            $release ?? $this->release,
            $this->latencyMs,
            $this->cost,
            $this->yearlyCost,
        );
    }

    /** The release of what it exports; null: nothing that goes by one. */
    public function exportRelease(): ?Release
    {
        foreach ($this->offers as $offer) {
            if (Form::goesByRelease($offer->as)) {
                return $offer->release;
            }
        }

        return null;
    }

    private static function offer(Input $offer): Offer
    {
        return new Offer(
            SheetInput::word($offer->get('as')),
            Release::fromInput($offer->find('matterRelease')),
            $offer->find('drops') === null ? [] : SheetInput::words($offer->get('drops')),
            $offer->find('cloud')?->flag() ?? false,
            Copies::tryFrom((string) $offer->find('copies')?->word(array_column(Copies::cases(), 'value'))),
        );
    }
}
