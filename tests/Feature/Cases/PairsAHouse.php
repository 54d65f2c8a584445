<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\JobSheet\SlotCard;
use App\Models\PairAttempt;
use Illuminate\Http\UploadedFile;
use Tests\LetsDevicesIn;
use Tests\WithStandin;

/** A house whose devices are let in over the link, each by its recipe, while the house of the case stands in. */
abstract class PairsAHouse extends CarriesAHouse
{
    use LetsDevicesIn;
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->startStandin();
    }

    protected function houseOfTheCase(): ?string
    {
        return $this->key();
    }

    protected function card(string $slot): SlotCard
    {
        return $this->sheetOf($this->key())->cards[$slot];
    }

    protected function pair(string $slot): void
    {
        $this->letIn($this->key(), $this->card($slot));
    }

    protected function tryToPair(string $slot): PairAttempt
    {
        return $this->tryToLetIn($this->key(), $this->card($slot));
    }

    protected function take(string $slot): void
    {
        $this->takeBehind($this->key(), $this->card($slot));
    }

    /** A project of the bus is taken in. */
    protected function bring(string $csv): void
    {
        $file = UploadedFile::fake()->createWithContent('bus.csv', $csv);
        $this->post($this->url('/bus'), ['table' => $file])->assertSessionHasNoErrors();
    }

    /** A device of the bus is operated while the hub listens, and what was heard is taken for it. */
    protected function hearIn(string $slot, string $point): void
    {
        $this->post($this->url('/bus/listening'))->assertSessionHasNoErrors();
        $this->listen();
        $this->hands('trigger', ['device' => $slot]);
        $this->listen();
        $this->get($this->url('/pair?lens=bus'))->assertSee("Yes, the {$this->card($slot)->called}");
        $this->post($this->url('/bus/devices'), ['point' => $point, 'slot' => $slot])->assertSessionHasNoErrors();
    }

    /** All that is open, in the order of work. */
    protected function pairAll(): void
    {
        while (($card = $this->nextOf($this->key())) !== null) {
            $this->letIn($this->key(), $card);
        }
    }

    /** Every slot has its own device, none has two, and nothing is under way any more. */
    protected function assertAllAreIn(): void
    {
        $sheet = $this->sheetOf($this->key());
        self::assertSame(count($sheet->cards), $sheet->countIn());
        foreach ($sheet->cards as $card) {
            if ($card->isLinked()) {
                self::assertSame($this->house()->devices[$card->key()]->address, $card->node?->address, $card->key());
            }
        }
        $this->get($this->url('/pair'))->assertSee('Every device is in');
    }
}
