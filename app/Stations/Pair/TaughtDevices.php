<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\LearntKey;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Pairing\LearnKey;
use Kavvel\Core\Pairing\LearnSchool;
use Kavvel\Core\Pairing\LearnSheet;
use Kavvel\Core\Pairing\LearnStep;
use Kavvel\Core\Pairing\LearnTalk;
use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Sight;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\RoomSide;

/** The devices of a job that are taught to a sender, each with what its next key asks for. */
final readonly class TaughtDevices
{
    /**
     * @param  Collection<int, LearntKey>  $keys  of the job
     * @param  Collection<int, JoinWindow>  $windows  in which a hub listened or listens, the latest first
     */
    private function __construct(
        private JobSheet $sheet,
        private Collection $keys,
        private Collection $windows,
        private Building $building,
    ) {}

    /** @return list<TaughtDevice> the open ones first */
    public static function of(JobSheet $sheet): array
    {
        $cards = array_filter(
            $sheet->cards,
            static fn (SlotCard $card): bool => $card->profile->protocol->rules()->joining() === Joining::Taught,
        );
        $all = new self(
            $sheet,
            LearntKey::query()->where('site_job_id', $sheet->job->id)->orderBy('id')->get(),
            JoinWindow::query()->where('site_job_id', $sheet->job->id)->where('kind', 'learn')->latest('id')->get(),
            $sheet->geometry->building(),
        );
        $devices = array_values(array_map($all->device(...), $cards));
        usort($devices, static fn (TaughtDevice $a, TaughtDevice $b): int => $a->card->isIn() <=> $b->card->isIn());

        return $devices;
    }

    private function device(SlotCard $card): TaughtDevice
    {
        $keys = $this->keys->where('slot_id', $card->slot->id);
        $sheet = $this->sheetOf($card, $keys);
        $next = $sheet->next();
        $record = $keys->firstWhere('name', $next?->name);
        $own = $this->windows->where('slot_id', $card->slot->id);
        $listening = $own->first(static fn (JoinWindow $one): bool => self::isUnderWay($one));
        $isForNext = $listening?->learns === $next?->name;
        $hub = $card->sender();
        $taken = $this->windows->first(static fn (JoinWindow $one): bool => self::isUnderWay($one)
            && $one->gateway_id === $hub?->gateway->id && $one->protocol === $card->profile->protocol);
        $last = $own->firstWhere('learns', $next?->name);

        return new TaughtDevice(
            $card,
            $sheet,
            $next === null ? LearnTalk::Done : LearnTalk::of(
                $next->step($sheet->school),
                $hub !== null && ($record?->is_learnt !== true || $record->signal !== null),
                $hub?->silentSince() !== null || ($taken !== null && ! $isForNext),
                $listening !== null && $isForNext,
                $record?->sent_at !== null,
            ),
            $isForNext ? $listening : null,
            $last !== null && ! self::isUnderWay($last) && $next?->step($sheet->school) === LearnStep::Learn ? $last : null,
            $record?->send_refused,
            $this->sight($card),
        );
    }

    /** @param Collection<int, LearntKey> $keys */
    private function sheetOf(SlotCard $card, Collection $keys): LearnSheet
    {
        $school = LearnSchool::tryFrom((string) $card->slot->learn_school) ?? LearnSchool::PresetFirst;
        $wanted = $keys->isEmpty()
            ? LearnSheet::wanted($card->profile, $card->slot->remote_toggles === true)
            : array_values($keys->map(static fn (LearntKey $key): LearnKey => $key->core())->all());

        return new LearnSheet($wanted, $school);
    }

    /** Light goes straight: what the hub can't see does not obey it. */
    private function sight(SlotCard $card): ?Sight
    {
        $hub = $card->sender();
        if ($hub === null || $card->profile->protocol !== Protocol::Infrared) {
            return null;
        }
        $outline = $this->sheet->geometry->rooms[$card->roomId]['outline'];

        return Sight::between(
            $this->building,
            $hub->place(),
            (new RoomSide($this->building->walls))->place($card->position(), new Polygon($outline)),
        );
    }

    private static function isUnderWay(JoinWindow $window): bool
    {
        return in_array($window->state, JoinWindow::UNDER_WAY, true);
    }
}
