<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\EcosystemSheet;
use Kavvel\Core\Bridging\Form;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Standin\House\World;

/** What the client does in an ecosystem: on an own phone, at the panel. What it says to that stands there. */
final readonly class Phone
{
    public function __construct(private World $world, private Ecosystems $ecosystems, private Showing $showing) {}

    public function signIn(string $key, string $by): void
    {
        $state = $this->ecosystems->all[$key];
        $state->by = $by;
        $state->says = "Signed in as {$by}.";
    }

    /** Something is loaded or switched on here. */
    public function switchOn(string $key, string $form): void
    {
        $state = $this->ecosystems->all[$key];
        $state->on = array_values(array_unique([...$state->on, $form]));
        $state->says = 'It is on.';
    }

    public function scan(string $key, string $code): void
    {
        $state = $this->ecosystems->all[$key];
        $sheet = $this->sheet($key);
        if ($this->showing->isOut($key)) {
            $state->says = 'No connection.';

            return;
        }
        if ($sheet->account !== '' && $state->by === null) {
            $state->says = 'Sign in first.';

            return;
        }
        foreach ($this->ecosystems->openWindows() as $window) {
            if (! $window->isOpenedBy($code)) {
                continue;
            }
            $door = $window->device === null
                ? new Door($window->box, Form::MATTER_BRIDGE)
                : new Door(null, Form::MATTER, $window->device);
            $state->says = $this->takes($state, $sheet, $door);

            return;
        }
        $state->says = 'Nothing answers to that code.';
    }

    /** It looks round for what it can take in without a code. */
    public function discover(string $key): void
    {
        $state = $this->ecosystems->all[$key];
        $sheet = $this->sheet($key);
        if ($this->showing->isOut($key) || ($sheet->account !== '' && $state->by === null)) {
            $state->says = $this->showing->isOut($key) ? 'No connection.' : 'Sign in first.';

            return;
        }
        $found = 0;
        foreach ($this->world->house->premises->boxes as $box) {
            foreach ($box->box()->offers as $offer) {
                $door = new Door($box->id, $offer->as);
                if (! isset($state->doors[$door->key()]) && $this->isOpenTo($key, $sheet, $box, $offer)) {
                    $state->doors[$door->key()] = $door;
                    $found++;
                }
            }
        }
        foreach ($sheet->accepts as $form) {
            $door = new Door(null, $form);
            $isReady = $form !== Form::MATTER && $form !== Form::MATTER_BRIDGE && $this->isLoaded($key, $sheet, $form);
            if ($isReady && ! isset($state->doors[$door->key()]) && $this->isSpoken($form)) {
                $state->doors[$door->key()] = $door;
                $found++;
            }
        }
        $state->says = $found === 0 ? 'Nothing new.' : 'Found something.';
    }

    /** The key that a box made for it is entered here. */
    public function enterKey(string $key, string $text): void
    {
        $state = $this->ecosystems->all[$key];
        foreach ($this->world->house->premises->boxes as $box) {
            if (($this->ecosystems->boxes[$box->id]->keys[$key] ?? null) === trim($text)) {
                $state->on = array_values(array_unique([...$state->on, "key of {$box->id}"]));
                $state->says = "The key of {$box->name} is taken.";

                return;
            }
        }
        $state->says = 'That key opens nothing.';
    }

    public function rename(string $key, string $id, ?string $name, ?string $room): void
    {
        $entry = $this->ecosystems->all[$key]->entries[$id] ?? null;
        if ($entry !== null) {
            $entry->name = $name ?? $entry->name;
            $entry->isRenamedHere = $entry->isRenamedHere || $name !== null;
            $entry->room = $room ?? $entry->room;
        }
    }

    public function delete(string $key, string $id): void
    {
        $state = $this->ecosystems->all[$key];
        if (isset($state->entries[$id])) {
            $gone = $this->showing->delete($key, $id);
            $state->says = match (true) {
                $gone === null => 'It belongs to a bridge, and can’t be deleted by itself.',
                count($gone) === 1 => 'Deleted.',
                default => count($gone).' devices are deleted.',
            };
        }
    }

    public function close(string $key, string $door): void
    {
        $gone = count($this->showing->close($key, $door));
        $this->ecosystems->all[$key]->says = "{$gone} devices are deleted.";
    }

    private function takes(EcosystemState $state, EcosystemSheet $sheet, Door $door): string
    {
        if (! in_array($door->form, $sheet->accepts, true)) {
            return 'It can’t take that in.';
        }
        if ($door->device !== null && $this->isFull($door->device)) {
            return 'The device is in as many systems as it holds.';
        }
        $state->doors[$door->key()] ??= $door;

        return 'Added.';
    }

    private function isFull(string $device): bool
    {
        $placed = $this->world->house->premises->household->device($device);
        $used = $placed->fabricsUsed;
        foreach ($this->ecosystems->all as $other) {
            $used += isset($other->doors["{$device} as ".Form::MATTER]) ? 1 : 0;
        }

        return $used >= $placed->profile->linkSheet->fabrics;
    }

    private function isOpenTo(string $key, EcosystemSheet $sheet, BoxAtHand $box, Offer $offer): bool
    {
        $state = $this->ecosystems->boxes[$box->id];
        $acts = $box->sheet->acts[" {$offer->as}"] ?? [];

        return in_array($offer->as, $sheet->accepts, true)
            && $offer->as !== Form::MATTER_BRIDGE
            && $state->isThere
            && (! $offer->isCloud || $this->ecosystems->hasInternet)
            && (! AtBoxes::asks($acts, ActKind::SwitchOn) || in_array($offer->as, $state->on, true))
            && (! AtBoxes::asks($acts, ActKind::Key) || in_array("key of {$box->id}", $this->ecosystems->all[$key]->on, true))
            && $this->isLoaded($key, $sheet, $offer->as);
    }

    private function isLoaded(string $key, EcosystemSheet $sheet, string $form): bool
    {
        return ! AtBoxes::asks($sheet->acts[" {$form}"] ?? [], ActKind::SwitchOn)
            || in_array($form, $this->ecosystems->all[$key]->on, true);
    }

    private function isSpoken(string $form): bool
    {
        foreach ($this->world->house->premises->household->devices as $placed) {
            if (in_array($form, $placed->device()->speaks, true)) {
                return true;
            }
        }

        return false;
    }

    private function sheet(string $key): EcosystemSheet
    {
        return $this->world->house->premises->ecosystems[$key]->sheet;
    }
}
