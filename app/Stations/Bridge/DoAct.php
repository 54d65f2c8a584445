<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Ecosystems\EcosystemClient;
use App\Ecosystems\Reader;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use App\Models\SiteJob;
use App\Models\User;
use App\Outside\OutsideCommand;
use App\Outside\OutsideFailure;
use App\Wrapping\MarksMadeByHand;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Sighting;

/** Has a box or an ecosystem do an act of a link, or tell what came of it. What it refuses is done by hand, or tried again. */
final class DoAct extends OutsideCommand
{
    /** A page waits for an answer so long, in seconds */
    public const PATIENCE = 30;

    private int $linkId;

    public function __construct(BridgeLink $link, private readonly int $number, private readonly int $person)
    {
        parent::__construct($link->company_id);
        $this->linkId = $link->id;
    }

    protected function carryOut(): void
    {
        $link = $this->link();
        if ($link === null) {
            return;
        }
        $job = $link->job()->firstOrFail();
        try {
            $this->perform($job, $link);
        } catch (OutsideFailure|LinkRefused $failure) {
            $this->refused($failure->getMessage());
        }
        $job->touchLive();
    }

    protected function refused(string $why): void
    {
        $this->link()?->update(['asked_act' => null, 'ask_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }

    protected function who(): string
    {
        return 'It';
    }

    /**
     * @throws OutsideFailure
     * @throws LinkRefused
     */
    private function perform(SiteJob $job, BridgeLink $link): void
    {
        $bridging = JobBridging::of(JobSheet::of($job));
        $planned = $bridging->links()[$link->key] ?? throw LinkRefused::isNotPlanned();
        $place = ActPlace::of($bridging, $planned);
        $act = $planned->run->acts[$this->number] ?? null;
        $person = User::query()->findOrFail($this->person);
        if ($place === null || $act === null || $planned->run->current() !== $this->number) {
            $link->update(['asked_act' => null]);

            return;
        }
        $linking = app(Linking::class);
        if ($act->kind === ActKind::Key && $place instanceof BridgeBox) {
            $secret = EcosystemClient::for($place)->makeKey((string) str()->ulid(), $planned->link->to);
            DB::transaction(static fn () => $linking->keepKey($job, $link->key, $secret, $person));
            $link->update(['asked_act' => null, 'ask_refused' => null]);

            return;
        }
        $command = (string) str()->ulid();
        $said = $place instanceof Ecosystem
            ? $this->count($bridging, $planned, $place)
            : $this->atBox($bridging, $planned, $place, $act, $command);
        DB::transaction(fn () => $linking->done($job, $link->key, $this->number, $said, false, $person));
        if ($act->kind === ActKind::Window) {
            BridgeLink::query()->whereKey($link->id)->update(['window_ref' => $command]);
        }
    }

    /**
     * @return string the code of a window
     *
     * @throws OutsideFailure
     * @throws LinkRefused
     */
    private function atBox(JobBridging $bridging, LinkAtHand $planned, BridgeBox $box, Act $act, string $command): string
    {
        $client = EcosystemClient::for($box);
        if ($act->kind === ActKind::Window) {
            $shared = $planned->link->from === null ? $this->inside($bridging, $client, $box, $planned->ready)[0] ?? null : null;

            return $client->openWindow($command, (int) $act->seconds, $shared);
        }
        MarksMadeByHand::find($bridging, $client, $box);
        $devices = Showings::of($bridging)->exported($planned);
        $client->show($command, $planned->link->form, $this->inside($bridging, $client, $box, $devices));

        return '';
    }

    /**
     * @param  list<string>  $slots  keys
     * @return list<string> ids in the box
     *
     * @throws OutsideFailure
     * @throws LinkRefused
     */
    private function inside(JobBridging $bridging, EcosystemClient $client, BridgeBox $box, array $slots): array
    {
        $contents = $client->contents();
        $ids = $missing = [];
        foreach ($slots as $slot) {
            $id = $contents[(string) $bridging->mark($slot)] ?? null;
            $ids = $id === null ? $ids : [...$ids, $id];
            $missing = $id === null ? [...$missing, $bridging->device($slot)->name] : $missing;
        }

        return $missing === [] ? $ids : throw LinkRefused::isNotInside($box->name, $missing);
    }

    /**
     * @return string how many of those that were meant show there
     *
     * @throws OutsideFailure
     * @throws LinkRefused
     */
    private function count(JobBridging $bridging, LinkAtHand $planned, Ecosystem $ecosystem): string
    {
        app(Reader::class)->read($ecosystem);
        $meant = Showings::of($bridging)->meantBy($planned);
        $missing = Sighting::of($ecosystem->shownDevices(), $meant, [], [])->missing;
        if ($missing !== []) {
            throw LinkRefused::isNotThere($ecosystem->name, count($meant), array_map(
                static fn ($one): string => $bridging->device($one->device)->name,
                $missing,
            ));
        }

        return (string) count($meant);
    }

    private function link(): ?BridgeLink
    {
        return BridgeLink::query()->whereKey($this->linkId)->where('asked_act', $this->number)->first();
    }
}
