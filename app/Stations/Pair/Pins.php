<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Codes\CodeNotTaken;
use App\Codes\CodeStore;
use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Dsk;
use Kavvel\Core\Codes\PartialDsk;

/** The first digits of the key of a Z-Wave device, which its hub asks for in the middle of inclusion. */
final readonly class Pins
{
    public function __construct(private CodeStore $codes, private Logbook $logbook) {}

    /**
     * They are handed to the hub, and the whole key is kept as the code of the device.
     *
     * @param  string|null  $typed  null: those of the code that was scanned before
     *
     * @throws CodeNotTaken|PinRefused
     */
    public function give(SiteJob $job, PairAttempt $attempt, ?string $typed, User $person): void
    {
        $attempt = PairAttempt::query()->with(['slot', 'joinWindow.gateway'])->whereKey($attempt->id)->lockForUpdate()->firstOrFail();
        if ($attempt->asked_dsk === null || $attempt->joinWindow === null || ! $attempt->state->isHeard()) {
            throw PinRefused::isNotAsked($attempt->slot);
        }
        $pin = $typed ?? $this->known($job, $attempt) ?? throw PinRefused::isNotKnown();
        try {
            $dsk = PartialDsk::read($attempt->asked_dsk)->with($pin);
        } catch (CodeRefused $refused) {
            throw PinRefused::unreadable($refused);
        }
        $this->keep($job, $attempt->slot, $dsk, $person);
        $attempt->update(['pin_refused' => null]);
        $this->logbook->write($job, $person, 'secret', "Gave the hub the PIN of the {$attempt->slot->title()}.", $attempt->slot);
        AnswerPin::dispatch($attempt->joinWindow->gateway, (string) str()->ulid(), $attempt->id, $dsk->pin());
    }

    /** A code that was scanned before, in the tray or of this device, whose key this one is: nobody has to type. */
    public function known(SiteJob $job, PairAttempt $attempt): ?string
    {
        if ($attempt->asked_dsk === null || ! $attempt->state->isHeard()) {
            return null;
        }
        $partial = PartialDsk::read($attempt->asked_dsk);
        $codes = $this->codes->ofDevices($job)
            ->where(static fn ($any) => $any->whereNull('slot_id')->orWhere('slot_id', $attempt->slot_id))->get();
        foreach ($codes as $credential) {
            /** @var Credential $credential */
            $dsk = $credential->code()->fields()['dsk'] ?? null;
            if (is_string($dsk) && $partial->isOf($dsk)) {
                return substr($dsk, 0, 5);
            }
        }

        return null;
    }

    private function keep(SiteJob $job, Slot $slot, Dsk $dsk, User $person): void
    {
        if ($this->codes->fresh($slot) === null) {
            $this->codes->keepDsk($job, $slot, $dsk, $person);
        }
    }
}
