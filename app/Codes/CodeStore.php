<?php

declare(strict_types=1);

namespace App\Codes;

use App\JobSheet\Catalogue;
use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Codes\Code;
use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\CodeKind;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;
use Kavvel\Core\Codes\Dsk;
use Kavvel\Core\Codes\FoundSecret;
use Kavvel\Core\Codes\PastedSecret;
use Kavvel\Core\Pairing\CodeMatch;

/** The codes of a job: read, held against its devices, kept encrypted. One without a slot waits in the tray. */
final readonly class CodeStore
{
    public function __construct(private Logbook $logbook) {}

    /**
     * The code of one device.
     *
     * @throws CodeNotTaken
     */
    public function keep(SiteJob $job, Slot $slot, string $typed, User $person): void
    {
        $slot = Slot::query()->whereKey($slot->id)->lockForUpdate()->firstOrFail();
        $profile = $slot->profile()->firstOrFail()->core($job->region);
        if ($this->fresh($slot) !== null) {
            throw CodeNotTaken::isTaken($slot);
        }
        if ($profile->codeSheet?->family === CodeFamily::OwnKey) {
            $found = $this->secret($typed);
            $this->store($job, $slot, CodeFamily::OwnKey->value, $found->secret, $found->secret, $person);
        } else {
            $code = $this->read($typed)[0];
            $objection = CodeMatch::objection($profile, $code);
            if ($objection !== null) {
                throw CodeNotTaken::belongsElsewhere($objection);
            }
            $this->storeCode($job, $slot, $code, $person);
        }
        $what = $profile->codeSheet?->family->words() ?? 'code';
        $this->logbook->write($job, $person, 'secret', "Stored the {$what} of the {$slot->title()}.", $slot);
    }

    /** A key of which the device showed all but what its sticker begins with. One that waits in the tray is this very one: it is taken. */
    public function keepDsk(SiteJob $job, Slot $slot, Dsk $dsk, User $person): void
    {
        $trayed = Credential::query()->where('site_job_id', $job->id)->whereNull('slot_id')
            ->where('fingerprint', self::fingerprint($dsk->identity()))->whereNull('stale_at')->lockForUpdate()->first();
        $trayed === null ? $this->storeCode($job, $slot, $dsk, $person) : $trayed->update(['slot_id' => $slot->id]);
    }

    /**
     * A code whose device is not said: it goes to the one device that it can only be of, or waits.
     *
     * @return list<Credential>
     *
     * @throws CodeNotTaken
     */
    public function scan(SiteJob $job, string $typed, User $person): array
    {
        SiteJob::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
        $open = $this->openSlots($job);
        $kept = [];
        foreach ($this->read($typed) as $code) {
            if (CodeFamily::of($code->kind()) === null) {
                throw CodeNotTaken::isNoDevice($code->kind()->title());
            }
            $key = CodeMatch::sole($code, array_map(static fn (array $one): Profile => $one['profile'], $open));
            $slot = $key === null ? null : $open[$key]['slot'];
            unset($open[$key]);
            $kept[] = $this->storeCode($job, $slot, $code, $person);
            $line = $slot === null ? 'Scanned a code into the tray.' : "Scanned the code of the {$slot->title()}.";
            $this->logbook->write($job, $person, 'secret', $line, $slot);
        }

        return $kept;
    }

    /**
     * A code from the tray is that of this device.
     *
     * @throws CodeNotTaken
     */
    public function give(SiteJob $job, Credential $credential, Slot $slot, User $person): void
    {
        $slot = Slot::query()->whereKey($slot->id)->lockForUpdate()->firstOrFail();
        $credential = $this->inTray($credential);
        if ($this->fresh($slot) !== null) {
            throw CodeNotTaken::isTaken($slot);
        }
        $objection = CodeMatch::objection($slot->profile()->firstOrFail()->core($job->region), $credential->code());
        if ($objection !== null) {
            throw CodeNotTaken::belongsElsewhere($objection);
        }
        $credential->update(['slot_id' => $slot->id]);
        $this->logbook->write($job, $person, 'secret', "Took the code of the {$slot->title()} from the tray.", $slot);
    }

    /**
     * Back into the tray: it is the code of another device. A key of a maker's own is nobody else's, and is thrown away.
     *
     * @throws CodeNotTaken
     */
    public function takeAway(SiteJob $job, Slot $slot, Credential $credential, User $person): void
    {
        $credential = $slot->credentials()->opening()->whereKey($credential->id)->lockForUpdate()->first()
            ?? throw CodeNotTaken::isGone();
        if ($credential->isOwnKey()) {
            $credential->delete();
            $this->logbook->write($job, $person, 'secret', "Threw a code of the {$slot->title()} away.", $slot);

            return;
        }
        $credential->update(['slot_id' => null]);
        $this->logbook->write($job, $person, 'secret', "Put the code of the {$slot->title()} into the tray.", $slot);
    }

    /** @throws CodeNotTaken */
    public function forget(SiteJob $job, Credential $credential, User $person): void
    {
        $this->inTray($credential)->delete();
        $this->logbook->write($job, $person, 'secret', 'Threw a code of the tray away.');
    }

    /** Somebody else may have given it to a device while this person looked at the tray. */
    private function inTray(Credential $credential): Credential
    {
        $now = Credential::query()->opening()->whereKey($credential->id)->with('slot')->lockForUpdate()->first()
            ?? throw CodeNotTaken::isGone();

        return $now->slot === null ? $now : throw CodeNotTaken::isUsed($now);
    }

    /** The device has lost what this code opened, or made a new one. */
    public function staleAfterReset(Slot $slot, string $because): void
    {
        Credential::query()->where('slot_id', $slot->id)->where('kind', CodeFamily::OwnKey->value)->whereNull('stale_at')
            ->update(['stale_at' => now(), 'stale_because' => $because]);
    }

    /** Whose code of this job it is, or null. */
    public static function holder(int $job, Code $code): ?Credential
    {
        return self::held($job, self::fingerprint($code->identity()))->first();
    }

    /**
     * Codes of a standard that still open something: with their device, or in the tray.
     *
     * @return Builder<Credential>
     */
    public function ofDevices(SiteJob $job): Builder
    {
        return Credential::query()->with('slot')->where('site_job_id', $job->id)
            ->whereIn('kind', CodeKind::words())->opening();
    }

    /** The code of a device that still opens something, or null. */
    public function fresh(Slot $slot): ?Credential
    {
        return $slot->credentials()->opening()->first();
    }

    /**
     * Devices that are not in and have no code, in the order of the plan.
     *
     * @return array<string, array{slot: Slot, profile: Profile}> by key
     */
    public function openSlots(SiteJob $job): array
    {
        $profiles = Catalogue::of($job->region);
        /** @var Collection<int, Slot> $slots */
        $slots = $job->slots()->orderBy('id')
            ->whereDoesntHave('node', static fn ($node) => $node->where('state', '!=', Node::LEFT))
            ->whereDoesntHave('credentials', static fn ($code) => $code->opening())
            ->get();
        $open = [];
        foreach ($slots as $slot) {
            $open[$slot->key] = ['slot' => $slot, 'profile' => $profiles[$slot->profile_id]];
        }

        return $open;
    }

    private function storeCode(SiteJob $job, ?Slot $slot, Code $code, User $person): Credential
    {
        return $this->store($job, $slot, $code->kind()->value, $code->spelling(), $code->identity(), $person);
    }

    private function store(SiteJob $job, ?Slot $slot, string $kind, string $secret, string $identity, User $person): Credential
    {
        $fingerprint = self::fingerprint($identity);
        $used = self::held($job->id, $fingerprint)->lockForUpdate()->first();
        if ($used !== null) {
            throw CodeNotTaken::isUsed($used);
        }

        return Credential::query()->create([
            'site_job_id' => $job->id, 'slot_id' => $slot?->id, 'kind' => $kind, 'secret' => $secret, 'fingerprint' => $fingerprint,
            'label' => '', 'stored_by' => $person->name,
        ]);
    }

    /** @return Builder<Credential> */
    private static function held(int $job, string $fingerprint): Builder
    {
        return Credential::query()->with('slot')->where('site_job_id', $job)->where('fingerprint', $fingerprint)->whereNull('stale_at');
    }

    /** @return non-empty-list<Code> */
    private function read(string $typed): array
    {
        try {
            return Codes::read($typed);
        } catch (CodeRefused $refused) {
            throw CodeNotTaken::unreadable($refused);
        }
    }

    private function secret(string $typed): FoundSecret
    {
        $found = PastedSecret::in($typed);

        return match (count($found)) {
            0 => throw CodeNotTaken::holdsNoKey(),
            1 => $found[0],
            default => throw CodeNotTaken::holdsSeveral($found),
        };
    }

    /** Codes are encrypted in another way each time: equal ones are found by this, and nobody reads it back. */
    private static function fingerprint(string $identity): string
    {
        return hash_hmac('sha256', $identity, (string) config('app.key'));
    }
}
