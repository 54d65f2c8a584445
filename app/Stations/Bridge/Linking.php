<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Codes\CodeStore;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Credential;
use App\Models\SiteJob;
use App\Models\User;
use App\Temporary\TemporaryStates;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\ActOutOfTurn;
use Kavvel\Core\Bridging\Appeared;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\LinkRun;
use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Codes\CodeKind;
use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\Codes;

/** Makes a link act by act. What is open on the way is registered, and closed again. */
final readonly class Linking
{
    public function __construct(private Logbook $logbook, private TemporaryStates $states) {}

    /**
     * The act that is next is done.
     *
     * @param  string  $said  what belongs to it: who signed in, a code, a key, how many appeared
     *
     * @throws LinkRefused
     */
    public function done(SiteJob $job, string $key, int $number, string $said, bool $anyway, User $person): void
    {
        [$link, $planned, $bridging] = $this->begin($job, $key);
        $title = $bridging->linkTitle($key);
        $run = $link->run();
        $act = $run->acts[$number] ?? null;
        $shown = count(Showings::of($bridging)->exported($planned));
        try {
            $next = $run->do($number, now()->toDateTimeImmutable(), $person->name, $this->note($run, $act, $said, $anyway, $shown));
        } catch (ActOutOfTurn $meanwhile) {
            throw LinkRefused::isOutOfTurn($meanwhile);
        }
        $this->keep($link, $next, $next->isMade() ? self::carried($bridging, $planned) : []);
        if ($act?->kind === ActKind::Window) {
            $this->openWindow($link, $act, $said, $person);
        }
        if ($act?->kind === ActKind::Scan) {
            $this->closeWindow($link, ActPlace::ofWindow($bridging, $planned), $person);
        }
        $this->logbook->write($job, $person, 'bridge', $next->isMade() ? "Linked: {$title}." : "{$title}: {$act?->say}.");
    }

    /**
     * A box or an ecosystem is told to do the act that is next, or to say what came of it.
     *
     * @throws LinkRefused where somebody has done it meanwhile
     */
    public function tell(SiteJob $job, string $key, int $number, User $person): void
    {
        [$link] = $this->begin($job, $key);
        if ($link->run()->current() !== $number) {
            throw LinkRefused::isOutOfTurn(ActOutOfTurn::isNot($link->run()->act()));
        }
        $isAsked = $link->asked_act === $number && $link->asked_at?->diffInSeconds(now()) < DoAct::PATIENCE;
        if (! $isAsked) {
            $link->update(['asked_act' => $number, 'asked_at' => now(), 'ask_refused' => null]);
            dispatch(new DoAct($link, $number, $person->id))->afterCommit();
            $job->touchLive();
        }
    }

    /**
     * Back to a window that ended or a list that was not right; what came after it is done again.
     *
     * @throws LinkRefused where somebody has made the link meanwhile
     */
    public function back(SiteJob $job, BridgeLink $link, ActKind $to, User $person): void
    {
        $job->holdForWriting();
        $run = $link->refresh()->run();
        if ($run->isMade()) {
            throw LinkRefused::isOutOfTurn(ActOutOfTurn::isNot(null));
        }
        $number = $run->last($to);
        if ($number === null) {
            return;
        }
        $this->keep($link, $run->backTo($number), ['window_code' => null]);
        $this->logbook->write($job, $person, 'bridge', "Once more: {$run->acts[$number]->say}.");
    }

    /** Who is needed for it is not there today. A window that is open stays registered until it ends by itself. */
    public function putOff(SiteJob $job, string $key, User $person): void
    {
        [$link] = $this->begin($job, $key);
        $link->update(['put_off_on' => today()]);
        $this->logbook->write($job, $person, 'bridge', "Put off, {$job->client_name} is not there: ".$link->run()->act()?->say.'.');
    }

    /**
     * A key goes from one side to the other through the store, and never over paper.
     *
     * @throws LinkRefused
     */
    public function keepKey(SiteJob $job, string $key, string $secret, User $person): void
    {
        [$link] = $this->begin($job, $key);
        $link->credentials()->delete();
        Credential::query()->create([
            'site_job_id' => $job->id, 'bridge_link_id' => $link->id, 'kind' => CodeFamily::OwnKey->value,
            'label' => 'Key that is carried over', 'secret' => $secret, 'stored_by' => $person->name,
        ]);
        $this->logbook->write($job, $person, 'secret', 'Stored a key that is carried from one box to another.');
    }

    /**
     * The row of a link of the plan, made when the first of it is done.
     *
     * @return array{BridgeLink, LinkAtHand, JobBridging}
     *
     * @throws LinkRefused
     */
    private function begin(SiteJob $job, string $key): array
    {
        $job->holdForWriting();
        $bridging = JobBridging::of(JobSheet::of($job));
        $planned = $bridging->links()[$key] ?? throw LinkRefused::isNotPlanned();
        $link = $bridging->begun($key) ?? new BridgeLink(['site_job_id' => $job->id, 'key' => $key]);
        $isAnother = array_intersect($planned->added, $link->devices ?? []) !== [];
        if ($isAnother && $planned->link->from === null && $link->run()->isMade()) {
            // The key of the device that was there before opens nothing of the one that is there now.
            $link->credentials()->delete();
        }
        $link->fill([
            'acts' => $planned->run->toArray(), 'ecosystem_key' => $planned->link->isIntoEcosystem ? $planned->link->to : null,
            ...$link->made_at === null ? self::carried($bridging, $planned) : [],
        ])->save();

        return [$link, $planned, $bridging];
    }

    /** @return array{devices: list<string>, marks: array<string, string|null>} */
    private static function carried(JobBridging $bridging, LinkAtHand $planned): array
    {
        $marks = array_map(static fn (string $device): ?string => $bridging->mark($device), $planned->ready);

        return ['devices' => $planned->ready, 'marks' => array_filter(array_combine($planned->ready, $marks))];
    }

    /**
     * @param  int  $expected  devices that its export shows
     *
     * @throws LinkRefused
     */
    private function note(LinkRun $run, ?Act $act, string $said, bool $anyway, int $expected): string
    {
        if ($act?->kind === ActKind::Count) {
            $seen = preg_match('/^\d{1,4}$/', $said) === 1 ? (int) $said : throw LinkRefused::isNoCount();
            $appeared = Appeared::of($expected, $seen);
            if ($appeared !== Appeared::All && ! $anyway) {
                throw LinkRefused::appeared($appeared, $expected, $seen);
            }

            return "{$seen} of {$expected} appeared";
        }
        $until = $act?->kind === ActKind::Scan ? $run->windowUntil() : null;
        if ($until !== null && $until < now()) {
            throw LinkRefused::isOver();
        }

        return $act?->kind === ActKind::SignIn ? $said : '';
    }

    /** @throws LinkRefused */
    private function openWindow(BridgeLink $link, Act $act, string $code, User $person): void
    {
        if ($code !== '') {
            try {
                $read = Codes::read($code)[0];
            } catch (CodeRefused $wrong) {
                throw LinkRefused::isNoCode($wrong->getMessage());
            }
            if (! in_array($read->kind(), [CodeKind::MatterQr, CodeKind::MatterManual], true)) {
                throw LinkRefused::isNoCode('That is '.$read->kind()->title().'; a sharing window goes by a Matter code of its own.');
            }
            $sticker = CodeStore::holder($link->site_job_id, $read);
            if ($sticker !== null) {
                throw LinkRefused::isNoCode('That is the code on the sticker of '.($sticker->slot === null ? 'a device of this job'
                    : "the {$sticker->slot->title()}").'; a sharing window goes by a code of its own.');
            }
            $link->update(['window_code' => $read->spelling()]);
        }
        $this->states->openUntil(
            $link,
            $act->effect === '' ? $act->say : $act->effect,
            Carbon::now()->addSeconds((int) $act->seconds),
            $person,
        );
    }

    /** The code was taken: nobody else is to find the window open. */
    private function closeWindow(BridgeLink $link, ?BridgeBox $box, User $person): void
    {
        foreach ($this->states->openOfLink($link) as $state) {
            $this->states->close($link->job()->firstOrFail(), $state, $person);
        }
        if ($link->window_ref !== null && $box !== null) {
            dispatch(new CloseShareWindow($link, $box, $link->window_ref))->afterCommit();
        }
        $link->update(['window_ref' => null]);
    }

    /** @param array<string, mixed> $more */
    private function keep(BridgeLink $link, LinkRun $run, array $more = []): void
    {
        $madeAt = $link->made_at ?? ($run->isMade() ? now() : null);
        $link->update([
            'acts' => $run->toArray(), 'put_off_on' => null, 'made_at' => $madeAt, 'asked_act' => null, 'ask_refused' => null, ...$more,
        ]);
    }
}
