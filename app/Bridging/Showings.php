<?php

declare(strict_types=1);

namespace App\Bridging;

use App\JobSheet\SlotCard;
use App\Models\BridgeBox;
use App\Models\SetName;
use App\Naming\JobNames;
use Illuminate\Support\Str;
use Kavvel\Core\Bridging\Copies;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Mark;
use Kavvel\Core\Bridging\Meant;
use Kavvel\Core\Bridging\NameCell;
use Kavvel\Core\Bridging\Sighting;
use Kavvel\Core\Bridging\Wrapper;

/** What is to show in each ecosystem of a job, under which name and room, and what was seen there. */
final class Showings
{
    /** @var array<string, Sighting> by ecosystem, as far as they were asked for */
    private array $sightings = [];

    /**
     * @param  array<string, array<string, string|null>>  $names  by ecosystem, and by slot after a blank: as it is to show there
     * @param  array<string, SetName>  $set  by slot and ecosystem
     * @param  array<string, LinkAtHand>  $links
     * @param  array<string, Copies>  $copies  what goes along with a device, by that, the last box and the form
     */
    private function __construct(
        private readonly JobBridging $bridging,
        private readonly array $names,
        private readonly array $set,
        private readonly array $links,
        private readonly array $copies,
    ) {}

    public static function of(JobBridging $bridging): self
    {
        $job = $bridging->sheet->job;
        $names = [];
        $all = $bridging->ecosystems === [] ? null : JobNames::of($bridging->sheet);
        foreach ($bridging->ecosystems as $key => $one) {
            $names[$key] = $all?->on($one->sheet->ecosystem()->platform($one->name)) ?? [];
        }
        // Another device in the slot shows there under whatever it brings along.
        $set = SetName::query()->where('site_job_id', $job->id)->get()
            ->filter(static fn (SetName $one): bool => Mark::stands($one->mark, $bridging->mark($one->slot_key)))
            ->keyBy(static fn (SetName $one): string => self::pair($one->slot_key, $one->ecosystem_key));

        $copies = [];
        foreach ($bridging->trouble === null ? $bridging->plan()->paths : [] as $path) {
            $copies[self::triple($path->want->device, $path->way->lastBox()?->id, $path->way->form)] ??= Copies::along($path->way);
        }

        return new self($bridging, $names, $set->all(), $bridging->links(), $copies);
    }

    /**
     * What the export shows that a link goes by: one list for whoever takes it in.
     *
     * @return list<string> keys of slots
     */
    public function exported(LinkAtHand $of): array
    {
        $others = $of->link->from === null ? [] : $this->exportedBy($of->link->from, $of->link->form);

        return array_values(array_unique([...$of->ready, ...$others]));
    }

    /** @return list<string> keys of slots that are to go by an export of a box, as far as it is linked */
    public function exportedBy(string $box, string $form): array
    {
        $devices = [];
        foreach ($this->links as $one) {
            $isThat = $one->link->from === $box && $one->link->form === $form && $one->run->isBegun();
            $devices = $isThat ? [...$devices, ...$one->ready] : $devices;
        }
        // What still shows by an old path stays in its list until that is taken out.
        foreach ($this->bridging->leftOver() as $old) {
            $devices = Link::goesBy($old->key, $box, $form) ? [...$devices, ...$this->known($old->devices)] : $devices;
        }

        return array_values(array_unique($devices));
    }

    /** @return list<Meant> what is to show in an ecosystem by a link */
    public function meantBy(LinkAtHand $link): array
    {
        return array_map(fn (string $device): Meant => $this->meant($device, $link), $this->exported($link));
    }

    /** @return list<Meant> what is to show there by all that is linked already, or about to be counted */
    public function meantIn(string $ecosystem): array
    {
        $meant = [];
        foreach ($this->linksInto($ecosystem) as $link) {
            foreach ($link->run->isBegun() ? $this->meantBy($link) : [] as $one) {
                $meant[" {$one->device}"] ??= $one;
            }
        }

        return array_values($meant);
    }

    /** Null: nobody has read there what shows. */
    public function sighting(string $ecosystem): ?Sighting
    {
        $one = $this->bridging->ecosystems[$ecosystem];

        return $one->shown === null ? null : $this->sightings[$ecosystem] ??= Sighting::of(
            $one->shownDevices(),
            $this->meantIn($ecosystem),
            array_values(array_filter(array_map(
                static fn (SlotCard $card): ?string => $card->node?->address,
                $this->bridging->sheet->cards,
            ))),
            array_values(array_map(static fn (BridgeBox $box): string => $box->name, $this->bridging->boxes)),
        );
    }

    /** @return array<string, NameCell> by slot after a blank: of all that is to show there now or later */
    public function cells(string $ecosystem): array
    {
        $sighting = $this->sighting($ecosystem);
        $sheet = $this->bridging->ecosystems[$ecosystem]->sheet->ecosystem();
        $cells = [];
        foreach ($this->linksInto($ecosystem) as $link) {
            $devices = [...$link->link->devices, ...$link->run->isBegun() ? $this->exported($link) : []];
            foreach (array_unique($devices) as $device) {
                $meant = $this->meant($device, $link);
                $seen = $sighting?->found($device);
                $set = $this->set[self::pair($device, $ecosystem)] ?? null;
                $cells[" {$device}"] ??= match (true) {
                    $seen !== null => NameCell::seen($meant, $seen->name, $seen->room, $seen->isReachable),
                    $set !== null && $this->bridging->ecosystems[$ecosystem]->url === null
                        => NameCell::seen($meant, $set->name, $set->room),
                    default => NameCell::expected($meant, $sheet->nameLength),
                };
            }
        }

        return $cells;
    }

    /** @return array<string, NameCell> those that show there already and are not called as they are to be, by slot after a blank */
    public function toSet(string $ecosystem): array
    {
        $there = [];
        foreach ($this->linksInto($ecosystem) as $link) {
            $there = [...$there, ...$link->run->isMade() ? $this->exported($link) : []];
        }
        $isRead = $this->bridging->ecosystems[$ecosystem]->shown !== null;

        return array_filter(
            $this->cells($ecosystem),
            static fn (NameCell $cell): bool => $cell->isWork(in_array($cell->meant->device, $there, true), $isRead),
        );
    }

    /** @return list<LinkAtHand> */
    private function linksInto(string $ecosystem): array
    {
        return array_values(array_filter(
            $this->links,
            static fn (LinkAtHand $one): bool => $one->link->isIntoEcosystem && $one->link->to === $ecosystem,
        ));
    }

    /**
     * @param  list<string>  $devices
     * @return list<string> those of them that are slots still
     */
    private function known(array $devices): array
    {
        return array_values(array_filter($devices, $this->bridging->isThere(...)));
    }

    private function meant(string $device, LinkAtHand $link): Meant
    {
        $card = $this->bridging->sheet->cards[Wrapper::rawOf($device)];

        return new Meant(
            $device,
            $this->bridging->mark($device),
            $this->name($device, $link->link->to),
            $card->room,
            $this->source($device, $card),
            $link->link->from === null ? null : $this->bridging->boxName($link->link->from),
            $this->copies[self::triple($device, $link->link->from, $link->link->form)] ?? Copies::of($link->link->form),
        );
    }

    /** As it is to show in an ecosystem; null: no form of it fits. */
    private function name(string $device, string $ecosystem): ?string
    {
        $own = $this->names[$ecosystem][' '.Wrapper::rawOf($device)] ?? null;
        $wrapper = $this->bridging->wrappers[$device] ?? null;
        if ($own === null || $wrapper === null) {
            return $own;
        }
        $name = Wrapper::nameOf($own, $wrapper->wrapping, $this->bridging->sheet->cards[Wrapper::rawOf($device)]->profile->capabilities);
        $most = $this->bridging->ecosystems[$ecosystem]->sheet->ecosystem()->nameLength;

        return $most === null || mb_strlen($name) <= $most ? $name : null;
    }

    /** What is behind a bridge has the name of the bridge's own app; what a hub makes is named when it is made. */
    private function source(string $device, SlotCard $card): ?string
    {
        if (Wrapper::isOne($device)) {
            return Str::ucfirst($this->bridging->device($device)->name);
        }

        return $card->behind !== null ? $card->node?->label : ($card->isNamed ? $card->slot->name : null);
    }

    private static function pair(string $slot, string $ecosystem): string
    {
        return serialize([$slot, $ecosystem]);
    }

    private static function triple(string $device, ?string $box, string $form): string
    {
        return serialize([$device, $box, $form]);
    }
}
