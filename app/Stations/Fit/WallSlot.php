<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\SlotCard;
use App\Models\Circuit;
use App\Models\Isolation;
use App\Models\SlotFit;
use App\Models\User;
use Kavvel\Core\Catalogue\Connectors;
use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\WiredSlot;
use Kavvel\Core\Fit\WorkRefused;
use Kavvel\Core\Fit\Worksheet;
use LogicException;

/** A device that goes into the wall, with what was found there and what is under way at its circuit. */
final readonly class WallSlot
{
    private const FEW_CABLES = 3;

    /** @param list<SwitchedLoad> $loads that it switches */
    public function __construct(
        public SlotCard $card,
        public SlotFit $fit,
        public ?Circuit $circuit,
        public ?Isolation $isolation,
        public ?CircuitWork $work,
        public array $loads,
        public ?BoxFit $boxFit,
        public WiredSlot $core,
    ) {}

    public function key(): string
    {
        return $this->card->key();
    }

    public function sheet(): FitSheet
    {
        return $this->card->profile->fitSheet ?? throw new LogicException("“{$this->key()}” goes into no wall.");
    }

    public function worksheet(): Worksheet
    {
        return Worksheet::of($this->fit->wireList(), $this->sheet(), $this->fit->foundBox(), $this->fit->picture !== null);
    }

    /**
     * What is written down of its box is written by whoever has it open.
     *
     * @throws FitRefused where it is in, or another works at its box
     */
    public function mustBeOf(User $person): void
    {
        $box = $this->work?->box($this->key());
        if ($this->fit->fitted_at !== null) {
            throw FitRefused::isFitted();
        }
        if ($box?->isOpen() === true && $box->opened->by !== $person->signature()) {
            throw FitRefused::bySafety(WorkRefused::boxOf($box->opened->by));
        }
    }

    /** How it would lie in a box that just holds it: what is drawn until somebody has looked. */
    public function unseenFit(): BoxFit
    {
        $needs = $this->sheet()->depthMm + Connectors::depthMm(self::FEW_CABLES);

        return BoxFit::of(FitCase::of($this->sheet(), new FoundBox($needs, 0, self::FEW_CABLES, 1, NeutralFound::Own), $this->loads));
    }

    /** Its circuit as the board names it: "breaker 9, “upper floor lights”" */
    public function feed(): string
    {
        return $this->circuit === null ? '' : trim("{$this->circuit->breaker}, “{$this->circuit->label}”", ', ');
    }

    /** Its sheet wants one side of a two-way circuit, and nobody has found out which this is. */
    public function asksSide(): bool
    {
        return $this->isTwoWay() && $this->sheet()->twoWay !== null && $this->fit->twoWayTest()?->side() === null;
    }

    /** Its light is switched from more than one place, as far as is noted. */
    public function isTwoWay(): bool
    {
        return $this->circuit !== null && $this->circuit->switchPlace()->places > 1;
    }
}
