<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Bridging\Export;
use App\Bridging\JobBridging;
use App\Bridging\JobOutages;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Company;
use App\Models\CrossRun;
use App\Models\Question;
use App\Models\Snag;
use App\Models\Wrapper;
use App\Radio\JudgedReading;
use Illuminate\Support\Collection;
use Kavvel\Core\Bridging\NetworkNeed;
use Kavvel\Core\Bridging\Outage;
use Kavvel\Core\Handover\BatteryPlan;
use Kavvel\Core\Handover\BatteryRow;
use Kavvel\Core\Handover\BatteryUse;
use Kavvel\Core\Handover\KeepOn;
use Kavvel\Core\Handover\RelayInUse;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Protocol\Protocol;

/** What a pack says, taken together once. */
final readonly class PackContent
{
    /**
     * @param  array<string, list<SlotCard>>  $rooms  the register, by room and storey
     * @param  list<SlotCard>  $faults  devices of which something has failed
     * @param  list<Protocol>  $protocols  those whose tags stand in the register
     * @param  Collection<int, Snag>  $snags  accepted ones; open ones do not exist when a pack is issued
     * @param  Collection<int, Question>  $answers
     * @param  list<BatteryRow>  $batteries
     * @param  list<KeepOn>  $keepOn
     * @param  list<JudgedReading>  $readings
     * @param  JobBridging|null  $bridging  null: nothing is wanted from elsewhere
     * @param  list<Outage>  $outages
     * @param  list<Export>  $exports
     * @param  array<string, Wrapper>  $wrappers  what hubs make of devices, by its id
     * @param  list<CrossRun>  $crossings  tests from all sides
     * @param  list<ReachedRow>  $reached  what is used from elsewhere
     * @param  array<string, NetworkNeed>  $network  what each box asks of the network, by its key
     */
    private function __construct(
        public Company $company,
        public array $rooms,
        public array $faults,
        public array $protocols,
        public Collection $snags,
        public Collection $answers,
        public array $batteries,
        public array $keepOn,
        public array $readings,
        public ?JobBridging $bridging,
        public array $outages,
        public array $exports,
        public array $wrappers,
        public array $crossings,
        public array $reached,
        public array $network,
    ) {}

    public static function of(JobSheet $sheet): self
    {
        $job = $sheet->job;
        $readings = JudgedReading::all($sheet);
        $reports = array_map(static fn (JudgedReading $one): MeshReport => $one->mesh->report, $readings);
        $rooms = [];
        $spoken = [];
        foreach ($sheet->cards as $card) {
            $rooms[$card->where()][] = $card;
            $spoken[$card->profile->protocol->value] = true;
        }
        $in = array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->isIn());
        $bridging = JobBridging::of($sheet);
        $isBridged = $bridging->trouble === null && $bridging->plan()->worthwhile() !== [];

        return new self(
            Company::query()->findOrFail($job->company_id),
            $rooms,
            array_values(array_filter($in, static fn (SlotCard $card): bool => $card->ladder->fault() !== null)),
            array_values(array_filter(Protocol::cases(), static fn (Protocol $protocol): bool => isset($spoken[$protocol->value]))),
            $job->snags()->whereIn('state', ['open', 'accepted'])->orderBy('id')->get(),
            $job->questions()->whereNotNull('answered_at')->orderBy('id')->get(),
            BatteryPlan::of(self::batteries($in)),
            KeepOn::among(self::relays($in), $reports),
            $readings,
            $isBridged ? $bridging : null,
            $isBridged ? JobOutages::of($bridging) : [],
            $isBridged ? Export::all($bridging) : [],
            $bridging->wrappers,
            $isBridged ? CrossRun::completed($job) : [],
            $isBridged ? ReachedRow::all($bridging) : [],
            $isBridged ? NetworkNeed::all($bridging->household, $bridging->plan()) : [],
        );
    }

    /**
     * @param  array<string, SlotCard>  $in
     * @return list<BatteryUse>
     */
    private static function batteries(array $in): array
    {
        $uses = [];
        foreach ($in as $key => $card) {
            if ($card->profile->battery !== null) {
                $uses[] = new BatteryUse($key, $card->profile->battery, ($card->node->joined_at ?? now())->toDateTimeImmutable());
            }
        }

        return $uses;
    }

    /**
     * @param  array<string, SlotCard>  $in
     * @return list<RelayInUse>
     */
    private static function relays(array $in): array
    {
        $relays = [];
        foreach ($in as $key => $card) {
            $load = $card->slot->plugLoad();
            $feeds = $load?->staysOn === true ? $load->what : null;
            if ($card->profile->isRouter || $feeds !== null) {
                $relays[] = new RelayInUse((string) $key, $card->profile->removable, $card->profile->isRouter, $feeds);
            }
        }

        return $relays;
    }
}
