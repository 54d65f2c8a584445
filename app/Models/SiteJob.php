<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToCompany;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Drops\DropCode;
use Kavvel\Core\Protocol\Region;

/**
 * One client, one site, one commissioning.
 *
 * @property int $id
 * @property int $company_id
 * @property int $visit_number
 * @property int $visit_of
 * @property int $planned_minutes
 * @property int $used_minutes
 * @property int $plan_version
 * @property int $live_version
 * @property int $lock_version
 * @property string $key
 * @property string $name
 * @property string $client_name
 * @property string $address
 * @property string $stage
 * @property Region $region
 * @property string $name_pattern
 * @property string|null $name_platforms that show the names, one a line, with how many characters they take
 * @property string|null $name_groups that a platform of the client has, one a line
 * @property Policy|null $bridge_policy by which paths into ecosystems are preferred; null: nobody has chosen yet
 * @property string $school
 * @property int $batch unlike devices that one window may let in
 * @property string|null $client_email
 * @property string|null $client_phone
 * @property float $acceptance_db
 * @property float $clutter_constant_db
 * @property float $clutter_db_per_metre
 * @property float|null $latitude
 * @property float|null $longitude
 * @property float|null $up_bearing  where the upper edge of the plan looks, degrees clockwise from north
 * @property string|null $mains
 * @property array<string, int>|null $designer_counts  how many of a purpose the designer counts
 * @property array<string, float>|null $prices  what things cost on this job
 * @property DropCode|null $drop_code  by which cables are buried
 * @property Carbon $as_of
 * @property Carbon|null $archived_at
 * @property-read Collection<int, Storey> $storeys
 * @property-read Collection<int, Room> $rooms
 * @property-read Collection<int, Wall> $walls
 * @property-read Collection<int, Point> $points
 * @property-read Collection<int, Duct> $ducts
 * @property-read Collection<int, PlanEdit> $planEdits
 * @property-read Collection<int, HeardNetwork> $heardNetworks
 * @property-read Collection<int, Want> $wants
 * @property-read Collection<int, LeftOut> $leftOut
 * @property-read Collection<int, Ecosystem> $ecosystems
 * @property-read Collection<int, BridgeBox> $bridgeBoxes
 * @property-read Collection<int, Wrapper> $wrappers
 * @property-read Collection<int, Circuit> $circuits
 * @property-read Collection<int, KeyUse> $keyUses
 * @property-read Collection<int, RoomHeating> $roomHeatings
 * @property-read Collection<int, Closing> $closings
 * @property-read Collection<int, PointStep> $pointSteps
 * @property-read Collection<int, TradeWork> $tradeWorks
 * @property-read Collection<int, ExistingDevice> $existingDevices
 * @property-read Collection<int, OpeningMeasure> $openingMeasures
 * @property-read Collection<int, Network> $networks
 * @property-read Collection<int, Underlay> $underlays
 * @property-read Collection<int, Gateway> $gateways
 * @property-read Collection<int, Slot> $slots
 * @property-read Collection<int, Node> $nodes
 * @property-read Collection<int, Forecast> $forecasts
 * @property-read Collection<int, JoinWindow> $joinWindows
 * @property-read Collection<int, PairAttempt> $pairAttempts
 * @property-read Collection<int, MeshReading> $meshReadings
 * @property-read Collection<int, ProofResult> $proofResults
 * @property-read Collection<int, Question> $questions
 * @property-read Collection<int, MeshProposal> $meshProposals
 * @property-read Collection<int, Snag> $snags
 * @property-read Collection<int, Pack> $packs
 * @property-read Collection<int, LogEntry> $logEntries
 * @property-read Collection<int, Credential> $credentials
 * @property-read Collection<int, User> $users
 */
final class SiteJob extends Model
{
    use BelongsToCompany;

    protected $table = 'site_jobs';

    protected $guarded = [];

    public function getRouteKeyName(): string
    {
        return 'key';
    }

    /**
     * Those who write to one job wait for each other here: each would else hold what the other needs in the end, which is
     * this very row. Who waited goes on with the job as it is by then.
     */
    public function holdForWriting(): void
    {
        $held = $this->newQuery()->whereKey($this->id)->lockForUpdate()->firstOrFail();
        $this->setRawAttributes($held->getAttributes(), sync: true);
    }

    /** Pages that follow this job ask for something newer than the version they show. */
    public function touchLive(): void
    {
        $this->newQuery()->whereKey($this->id)->increment('live_version');
    }

    /** Forecasts are kept per version of the plan: a change makes the old ones history. */
    public function touchPlan(): void
    {
        $this->newQuery()->whereKey($this->id)->incrementEach(['plan_version' => 1, 'live_version' => 1]);
        $this->refresh();
    }

    /** @return HasMany<Storey, $this> */
    public function storeys(): HasMany
    {
        return $this->hasMany(Storey::class);
    }

    /** @return HasMany<SlotFit, $this> */
    public function slotFits(): HasMany
    {
        return $this->hasMany(SlotFit::class);
    }

    /** @return HasMany<Isolation, $this> */
    public function isolations(): HasMany
    {
        return $this->hasMany(Isolation::class);
    }

    /** @return HasMany<TemporaryState, $this> */
    public function temporaryStates(): HasMany
    {
        return $this->hasMany(TemporaryState::class);
    }

    /** @return HasMany<SlotSetting, $this> */
    public function slotSettings(): HasMany
    {
        return $this->hasMany(SlotSetting::class);
    }

    /** @return HasMany<Ecosystem, $this> */
    public function ecosystems(): HasMany
    {
        return $this->hasMany(Ecosystem::class);
    }

    /** @return HasMany<BridgeBox, $this> */
    public function bridgeBoxes(): HasMany
    {
        return $this->hasMany(BridgeBox::class);
    }

    /** @return HasMany<Wrapper, $this> of devices that are on the plan */
    public function wrappers(): HasMany
    {
        return $this->hasMany(Wrapper::class)->whereHas('slot');
    }

    /** @return HasMany<BridgeLink, $this> */
    public function bridgeLinks(): HasMany
    {
        return $this->hasMany(BridgeLink::class);
    }

    /** @return HasMany<ToldLoss, $this> */
    public function toldLosses(): HasMany
    {
        return $this->hasMany(ToldLoss::class);
    }

    /** @return HasMany<SetName, $this> */
    public function setNames(): HasMany
    {
        return $this->hasMany(SetName::class);
    }

    /** @return HasMany<Room, $this> */
    public function rooms(): HasMany
    {
        return $this->hasMany(Room::class);
    }

    /** @return HasMany<Wall, $this> */
    public function walls(): HasMany
    {
        return $this->hasMany(Wall::class);
    }

    /** @return HasMany<Point, $this> */
    public function points(): HasMany
    {
        return $this->hasMany(Point::class);
    }

    /** @return HasMany<Duct, $this> */
    public function ducts(): HasMany
    {
        return $this->hasMany(Duct::class);
    }

    /** @return HasMany<HeardNetwork, $this> */
    public function heardNetworks(): HasMany
    {
        return $this->hasMany(HeardNetwork::class);
    }

    /** @return HasMany<Network, $this> */
    public function networks(): HasMany
    {
        return $this->hasMany(Network::class);
    }

    /** @return HasMany<Want, $this> */
    public function wants(): HasMany
    {
        return $this->hasMany(Want::class);
    }

    /** @return HasMany<LeftOut, $this> */
    public function leftOut(): HasMany
    {
        return $this->hasMany(LeftOut::class);
    }

    /** @return HasMany<Circuit, $this> */
    public function circuits(): HasMany
    {
        return $this->hasMany(Circuit::class);
    }

    /** @return HasMany<KeyUse, $this> */
    public function keyUses(): HasMany
    {
        return $this->hasMany(KeyUse::class);
    }

    /** @return HasMany<RoomHeating, $this> */
    public function roomHeatings(): HasMany
    {
        return $this->hasMany(RoomHeating::class);
    }

    /** @return HasMany<Closing, $this> */
    public function closings(): HasMany
    {
        return $this->hasMany(Closing::class);
    }

    /** @return HasMany<PointStep, $this> */
    public function pointSteps(): HasMany
    {
        return $this->hasMany(PointStep::class);
    }

    /** @return HasMany<TradeWork, $this> */
    public function tradeWorks(): HasMany
    {
        return $this->hasMany(TradeWork::class);
    }

    /** @return HasMany<ExistingDevice, $this> */
    public function existingDevices(): HasMany
    {
        return $this->hasMany(ExistingDevice::class);
    }

    /** @return HasMany<OpeningMeasure, $this> */
    public function openingMeasures(): HasMany
    {
        return $this->hasMany(OpeningMeasure::class);
    }

    /** @return HasMany<PlanEdit, $this> */
    public function planEdits(): HasMany
    {
        return $this->hasMany(PlanEdit::class);
    }

    /** @return HasMany<Underlay, $this> */
    public function underlays(): HasMany
    {
        return $this->hasMany(Underlay::class);
    }

    /** @return HasMany<GatewayEvent, $this> */
    public function gatewayEvents(): HasMany
    {
        return $this->hasMany(GatewayEvent::class);
    }

    /** @return HasMany<Gateway, $this> */
    public function gateways(): HasMany
    {
        return $this->hasMany(Gateway::class);
    }

    /** @return HasMany<Slot, $this> */
    public function slots(): HasMany
    {
        return $this->hasMany(Slot::class);
    }

    /** @return HasMany<Node, $this> */
    public function nodes(): HasMany
    {
        return $this->hasMany(Node::class);
    }

    /** @return HasMany<Forecast, $this> */
    public function forecasts(): HasMany
    {
        return $this->hasMany(Forecast::class);
    }

    /** @return HasMany<JoinWindow, $this> */
    public function joinWindows(): HasMany
    {
        return $this->hasMany(JoinWindow::class);
    }

    /** @return HasMany<PairAttempt, $this> */
    public function pairAttempts(): HasMany
    {
        return $this->hasMany(PairAttempt::class);
    }

    /** @return HasMany<MeshReading, $this> */
    public function meshReadings(): HasMany
    {
        return $this->hasMany(MeshReading::class);
    }

    /** @return HasMany<Listening, $this> */
    public function listenings(): HasMany
    {
        return $this->hasMany(Listening::class);
    }

    /** @return HasMany<NameBatch, $this> */
    public function nameBatches(): HasMany
    {
        return $this->hasMany(NameBatch::class);
    }

    /** @return HasMany<MeshProposal, $this> */
    public function meshProposals(): HasMany
    {
        return $this->hasMany(MeshProposal::class);
    }

    /** @return HasMany<ProofResult, $this> */
    public function proofResults(): HasMany
    {
        return $this->hasMany(ProofResult::class);
    }

    /** @return HasMany<Question, $this> */
    public function questions(): HasMany
    {
        return $this->hasMany(Question::class);
    }

    /** @return HasMany<Snag, $this> */
    public function snags(): HasMany
    {
        return $this->hasMany(Snag::class);
    }

    /** @return HasMany<Pack, $this> */
    public function packs(): HasMany
    {
        return $this->hasMany(Pack::class);
    }

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }

    /** @return HasMany<Credential, $this> */
    public function credentials(): HasMany
    {
        return $this->hasMany(Credential::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function users(): BelongsToMany
    {
        return $this->belongsToMany(User::class);
    }

    protected function casts(): array
    {
        return [
            'as_of' => 'date', 'region' => Region::class, 'archived_at' => 'datetime', 'prices' => 'array', 'designer_counts' => 'array',
            'drop_code' => DropCode::class, 'bridge_policy' => Policy::class,
        ];
    }
}
