<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\JobSheet\SlotCard;
use Illuminate\Support\Str;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;

/** Devices that go the same ways and lose the same there: one plate of the drawing. */
final readonly class DiagramRow
{
    private const LETTERS = 18;

    private const LINES = 2;

    /**
     * @param  non-empty-list<SlotCard>  $cards
     * @param  list<Path>  $paths  of the first of them; the others' are alike
     * @param  list<string>  $without  ecosystems that they are wanted in and have no path to
     */
    public function __construct(public string $id, public array $cards, public array $paths, public array $without) {}

    /** How far the first hop is: “proved”, “linked” or “planned”. */
    public static function state(SlotCard $card): string
    {
        return match (true) {
            ! $card->isIn() => 'planned',
            $card->ladder->outcome(Rung::Hub) === Outcome::Passed => 'proved',
            default => 'linked',
        };
    }

    public function title(): string
    {
        return Str::ucfirst($this->cards[0]->calledInRoom());
    }

    public function more(): string
    {
        return count($this->cards) === 1 ? '' : 'and '.(count($this->cards) - 1).' more';
    }

    /** @return list<string> title and how many more, as they stand beside the plate */
    public function lines(): array
    {
        $lines = explode("\n", wordwrap($this->title(), self::LETTERS));
        if (count($lines) > self::LINES) {
            $lines = [$lines[0], Str::limit($lines[1], self::LETTERS - 1, '…')];
        }

        return [...$lines, ...array_filter([$this->more()])];
    }

    public function plate(): string
    {
        return match (self::state($this->cards[0])) {
            'proved' => 'proved',
            'linked' => 'in',
            default => 'planned',
        };
    }

    /** The box behind which most of it goes; null: none. */
    public function firstBox(): ?string
    {
        foreach ($this->paths as $path) {
            if ($path->way->legs !== []) {
                return $path->way->legs[0]->box->id;
            }
        }

        return null;
    }
}
