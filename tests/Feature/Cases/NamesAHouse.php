<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use App\Models\Slot;
use App\Naming\JobNames;
use App\Naming\RenameAsk;
use Kavvel\Core\Protocol\Protocol;

/** All names of a house together, by its pattern, and its radios read. */
trait NamesAHouse
{
    protected function nameAll(): void
    {
        $ask = RenameAsk::of(RenameAsk::UNNAMED);
        self::assertNotNull($ask);
        $seen = JobNames::read($this->house->refresh())->rename($ask)->mark();
        $this->post($this->url('/name-batches'), ['at' => RenameAsk::UNNAMED, 'seen' => $seen])->assertSessionHasNoErrors();
        $this->pass(2);
        foreach ($this->house->slots()->get() as $slot) {
            self::assertNotNull($slot->name, $slot->key);
            self::assertNotNull($slot->named_at, "{$slot->key}: {$slot->name_refused}");
        }
        $this->get($this->url('/name?lens=names'))->assertSee('Every name is its own');
    }

    protected function named(string $slot): Slot
    {
        return $this->house->slots()->where('key', $slot)->sole();
    }

    protected function readRadio(Protocol $protocol): void
    {
        $this->post($this->url('/mesh-readings'), ['protocol' => $protocol->value])->assertSessionHasNoErrors();
        $this->pass(15);
    }
}
