<?php

declare(strict_types=1);

namespace App\Bridging;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\NotedWants;
use App\JobSheet\SlotCard;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use App\Models\ToldLoss;
use App\Models\Wrapper as WrapperRow;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\BridgeStep;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\EcosystemAtHand;
use Kavvel\Core\Bridging\FormWords;
use Kavvel\Core\Bridging\FunctionTable;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\Impossible;
use Kavvel\Core\Bridging\Leg;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Migration;
use Kavvel\Core\Bridging\MigrationSchool;
use Kavvel\Core\Bridging\OtherPath;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\PolicyFigures;
use Kavvel\Core\Bridging\RemovalAdvice;
use Kavvel\Core\Bridging\TornDevice;
use Kavvel\Core\Bridging\Trial;
use Kavvel\Core\Bridging\Want;
use Kavvel\Core\Bridging\Wrappable;
use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Protocol\Release;
use Kavvel\Core\Proving\Outcome;

/** How the wants of a job reach its ecosystems, under every policy; worked out once for whatever it follows from. */
final readonly class JobBridging
{
    private const KEPT_SECONDS = 3600;

    /**
     * @param  array<string, Ecosystem>  $ecosystems  by key
     * @param  array<string, BridgeBox>  $boxes  by key
     * @param  array<string, PolicyFigures>  $figures  by policy; none where it can't be worked out
     * @param  string|null  $trouble  why it can't, in words
     * @param  array<string, ToldLoss>  $told  what the client was told of wants that are not met, by slot and ecosystem
     * @param  array<string, WrapperRow>  $wrappers  what hubs make of devices, by its id
     * @param  array<string, LinkAtHand>  $planned  by key, each after those that it builds upon; none where it can't be worked out
     */
    private function __construct(
        public JobSheet $sheet,
        public Household $household,
        public array $ecosystems,
        public array $boxes,
        public array $figures,
        public ?string $trouble,
        private array $told,
        private BegunLinks $links,
        public array $wrappers,
        private array $planned,
    ) {}

    /** The line and the move both ask: the last is kept, and no other, for it holds its whole sheet. */
    public static function of(JobSheet $sheet): self
    {
        /** @var self|null $last */
        static $last = null;

        return $last?->sheet === $sheet ? $last : $last = self::read($sheet);
    }

    private static function read(JobSheet $sheet): self
    {
        $job = $sheet->job;
        $ecosystems = Ecosystem::query()->where('site_job_id', $job->id)->with('sheet')->orderBy('id')->get()->keyBy('key')->all();
        $boxes = BridgeBox::query()->where('site_job_id', $job->id)->with(['sheet', 'gateway'])->orderBy('id')->get()->keyBy('key')->all();
        $household = new Household(
            self::devices($sheet, $boxes),
            array_values(array_map(static fn (BridgeBox $box): BoxAtHand => new BoxAtHand(
                $box->key,
                $box->name,
                $box->sheet->box(),
                $box->is_owned,
                self::release($box->matter_release),
                $sheet->hub($box->gateway_id)?->speaks,
            ), $boxes)),
            array_values(array_map(static fn (Ecosystem $one): EcosystemAtHand => new EcosystemAtHand(
                $one->key,
                $one->name,
                $one->sheet->ecosystem(),
                self::release($one->matter_release),
            ), $ecosystems)),
            NotedWants::of($sheet),
        );
        $wrappers = [];
        foreach ($job->wrappers()->with(['slot', 'readings'])->orderBy('id')->get() as $one) {
            $wrapper = self::wrapper($sheet, $one);
            $wrappers[$wrapper->id()] = $one;
            $household = $household->with($wrapper);
        }
        try {
            [$figures, $trouble] = [self::figures($job->id, $household), null];
        } catch (InvalidInput $tooMuch) {
            [$figures, $trouble] = [[], $tooMuch->getMessage()];
        }
        $told = ToldLoss::query()->where('site_job_id', $job->id)->get()
            ->keyBy(static fn (ToldLoss $one): string => self::pair($one->slot_key, $one->ecosystem_key))->all();

        $links = BegunLinks::of($job);
        $plan = $figures[($job->bridge_policy ?? Policy::LocalFirst)->value]->plan ?? null;
        $planned = $plan === null ? [] : $links->all(
            $plan,
            $household,
            self::hubBoxes($boxes),
            static fn (string $device): bool => self::isIn($sheet, $wrappers, $device),
            static fn (string $device): ?string => self::markOf($sheet, $wrappers, $device),
        );

        return new self($sheet, $household, $ecosystems, $boxes, $figures, $trouble, $told, $links, $wrappers, $planned);
    }

    public function plan(?Policy $policy = null): BridgePlan
    {
        return $this->figures[($policy ?? $this->policy())->value]->plan;
    }

    /** The one that was chosen, or that most would choose. */
    public function policy(): Policy
    {
        return $this->sheet->job->bridge_policy ?? Policy::LocalFirst;
    }

    /** The device of a path, or that of which a hub makes what goes by it. */
    public function card(string $device): ?SlotCard
    {
        return $this->sheet->card(Wrapper::rawOf($device));
    }

    /** By what it is the same everywhere; null: it is not in, or nobody knows. */
    public function mark(string $device): ?string
    {
        return self::markOf($this->sheet, $this->wrappers, $device);
    }

    /** Whether what goes by a path is there: the device itself, and what a hub makes of it. */
    public function isThere(string $device): bool
    {
        return self::isIn($this->sheet, $this->wrappers, $device);
    }

    /** Whether anything is wanted of it, as things stand. */
    public function isWanted(string $device): bool
    {
        return array_filter($this->household->wants(), static fn (Want $one): bool => $one->device === $device) !== [];
    }

    /** @return list<Wrappable> as what may be shown there what gets lost */
    public function wrappable(Impossible $one): array
    {
        return Wrappable::of($one, $this->household, $this->policy());
    }

    /** As its hub is to call it. */
    public function wrapperName(WrapperRow $one): string
    {
        return Str::ucfirst(self::wrapper($this->sheet, $one)->name);
    }

    /** @return list<BridgeStep> what is to be settled before anything is linked */
    public function open(): array
    {
        return BridgeStep::open(
            $this->household,
            $this->plan(),
            $this->sheet->job->bridge_policy !== null,
            $this->bareHubs(),
            $this->ownerless(),
            $this->untold(),
        );
    }

    public function step(): BridgeStep
    {
        return BridgeStep::next($this->open(), $this->household);
    }

    /** @return array<string, LinkAtHand> by key, each after those that it builds upon */
    public function links(): array
    {
        return $this->planned;
    }

    /** @return list<RemovalAdvice> what is said before a device is taken out of an ecosystem, in the order of the paths */
    public function removals(): array
    {
        return RemovalAdvice::all($this->plan(), $this->household->house());
    }

    /** "Hub to Wicket, Matter bridge" */
    public function linkTitle(string $key): string
    {
        $link = ($this->links()[$key] ?? null)?->link;
        if ($link === null) {
            return $key;
        }
        $from = match (true) {
            $link->from !== null => $this->boxName($link->from),
            count($link->devices) === 1 => $this->device($link->devices[0])->name,
            default => count($link->devices).' devices',
        };
        $to = $link->isIntoEcosystem ? $this->ecosystems[$link->to]->name : $this->boxName($link->to);

        return Str::ucfirst($from)." to {$to}, ".FormWords::of($link->form);
    }

    public function boxName(string $id): string
    {
        return $this->household->box($id)->name ?? $this->sheet->card($id)?->calledInRoom() ?? $id;
    }

    /** The first that is linked into an ecosystem and has not shown there what is wanted of it: its path. */
    public function toProve(): ?Path
    {
        foreach ($this->plan()->worthwhile() as $path) {
            $card = $this->card($path->want->device);
            $step = $card?->ladder->into(Wrapper::rung($path->want->device, $path->want->ecosystem));
            $isOpen = $step !== null && ! in_array($card->ladder->outcome($step), [Outcome::Passed, Outcome::NotTested], true);
            if ($isOpen && $this->isThere($path->want->device)) {
                return $path;
            }
        }

        return null;
    }

    public function countProved(): int
    {
        return count(array_filter($this->plan()->worthwhile(), fn (Path $path): bool => $this->isProved($path)));
    }

    public function isProved(Path $path): bool
    {
        return $this->outcome($path) === Outcome::Passed;
    }

    /** What was shown there of what goes by a path; null: nothing yet. */
    public function outcome(Path $path): ?Outcome
    {
        return $this->outcomeIn($path->want->device, $path->want->ecosystem);
    }

    private function outcomeIn(string $device, string $ecosystem): ?Outcome
    {
        $ladder = $this->card($device)?->ladder;
        $step = $ladder?->into(Wrapper::rung($device, $ecosystem));

        return $step === null ? null : $ladder->outcome($step);
    }

    public function isLinked(Path $path): bool
    {
        $rung = Wrapper::rung($path->want->device, $path->want->ecosystem);

        return $this->card($path->want->device)?->ladder->into($rung) !== null;
    }

    public function trial(Path $path): Trial
    {
        $ecosystem = $this->ecosystems[$path->want->ecosystem];
        $device = $path->want->device;
        $name = (Wrapper::isOne($device) ? null : $this->card($device)?->slot->name) ?? $this->device($device)->name;

        return Trial::of($ecosystem->sheet->ecosystem()->kind, $ecosystem->name, $path->want, lcfirst($name));
    }

    /** @return list<BridgeLink> links that are made, and that no path leads over any more */
    public function leftOver(): array
    {
        return $this->links->leftOver($this->links());
    }

    /** @return array<int, Migration> how far the replacing of each is, by id */
    public function migrations(): array
    {
        $migrations = [];
        foreach ($this->leftOver() as $old) {
            $into = $old->ecosystem_key;
            $isShown = fn (string $slot): bool => $this->outcomeIn($slot, (string) $into) === Outcome::Passed;
            $links = array_filter(
                $into === null ? [] : $this->links(),
                static fn (LinkAtHand $one): bool => $one->link->isIntoEcosystem && $one->link->to === $into,
            );
            $migrations[$old->id] = Migration::of(
                $old->devices,
                array_values($links),
                array_values(array_filter($old->devices, $isShown)),
                $old->school ?? MigrationSchool::KeepUntilProved,
                $old->users_noted_at !== null,
                $old->taken_over_at !== null,
            );
        }

        return $migrations;
    }

    /** What the acts of a link have brought forth so far; null: it was not begun. */
    public function begun(string $key): ?BridgeLink
    {
        return $this->links->row($key);
    }

    /** @return list<Impossible> wants that are not met and of which the client has not been told */
    public function untold(): array
    {
        return array_values(array_filter($this->plan()->impossible, fn (Impossible $one): bool => ! $this->isTold($one)));
    }

    public function isTold(Impossible $one): bool
    {
        return $this->told($one) !== null;
    }

    /** Told for another reason, it may be another loss: that is said anew. */
    public function told(Impossible $one): ?ToldLoss
    {
        $told = $this->told[self::pair($one->want->device, $one->want->ecosystem)] ?? null;

        return $told?->because === $this->because($one) ? $told : null;
    }

    /** @return list<string> keys of hubs of which nobody has said what they pass on */
    public function bareHubs(): array
    {
        $described = array_map(static fn (BridgeBox $box): ?int => $box->gateway_id, $this->boxes);
        $bare = array_filter($this->sheet->hubs, static fn (Hub $hub): bool => ! in_array($hub->gateway->id, $described, true));

        return array_values(array_map(static fn (Hub $hub): string => $hub->key(), $bare));
    }

    /** Why a want is not met, as it is said to the client. */
    public function because(Impossible $one): string
    {
        return $one->because(FunctionTable::words(...));
    }

    public function hubName(string $key): string
    {
        foreach ($this->sheet->hubs as $hub) {
            if ($hub->key() === $key) {
                return $hub->gateway->name;
            }
        }

        return $key;
    }

    public function device(string $key): Device
    {
        return $this->household->device($key)->device();
    }

    /** @return list<string> what goes another way than by the policy of the job, in words */
    public function differences(Policy $policy): array
    {
        return array_map(function (OtherPath $one): string {
            $what = Str::ucfirst($this->device($one->path->want->device)->name).', '.$this->ecosystems[$one->path->want->ecosystem]->name;
            $how = $one->path->way->legs === []
                ? FormWords::of($one->path->way->form)
                : 'over '.implode(' and ', array_map(static fn (Leg $leg): string => $leg->box->name, $one->path->way->legs));
            $words = static fn (array $some): string => implode(', ', array_map(FunctionTable::words(...), $some));

            return implode('; ', array_filter([
                "{$what}: {$how}",
                $one->path->way->isLocal ? null : 'stops with the internet',
                $one->gains === [] ? null : 'keeps '.$words($one->gains),
                $one->gives === [] ? null : 'loses '.$words($one->gives),
            ])).'.';
        }, OtherPath::between($this->plan($policy), $this->plan()));
    }

    /** @return list<string> devices that would have to be in two boxes at once, in words */
    public function torn(): array
    {
        return $this->trouble !== null ? [] : array_map(
            fn (TornDevice $one): string => Str::ucfirst($this->device($one->device)->name).' joins one of '
                .implode(' and ', $one->boxes).', and is wanted over both. Leave one of these boxes out.',
            TornDevice::among($this->plan()->paths),
        );
    }

    /** @return list<string> keys of ecosystems whose account is nobody's */
    private function ownerless(): array
    {
        $without = array_filter(
            $this->ecosystems,
            static fn (Ecosystem $one): bool => ($one->sheet->data['account'] ?? '') !== '' && ($one->account_of ?? '') === '',
        );

        return array_values(array_map(strval(...), array_keys($without)));
    }

    /** @return array<string, PolicyFigures> */
    private static function figures(int $job, Household $household): array
    {
        $house = $household->house();
        $wants = $household->wants();

        return Cache::remember(
            "bridging.{$job}.".hash('xxh128', serialize([$house, $wants])),
            self::KEPT_SECONDS,
            static fn (): array => PolicyFigures::all($house, $wants),
        );
    }

    /**
     * @param  array<string, BridgeBox>  $boxes
     * @return list<PlacedDevice>
     */
    private static function devices(JobSheet $sheet, array $boxes): array
    {
        $boxOfHub = [];
        foreach ($boxes as $box) {
            $boxOfHub[(string) $sheet->hub($box->gateway_id)?->key()] = $box->key;
        }

        return array_values(array_map(static fn (SlotCard $card): PlacedDevice => new PlacedDevice(
            $card->key(),
            $card->calledInRoom(),
            $sheet->geometry->rooms[$card->roomId]['key'],
            $card->profile,
            $card->behind,
            $boxOfHub[(string) ($card->hub?->key() ?? $sheet->hubChoice($card)->hub)] ?? null,
            PlacedDevice::fabricsHeld($card->profile->protocol, array_map(static fn (Hub $hub): array => $hub->speaks, $sheet->hubs)),
        ), $sheet->cards));
    }

    /** @param array<string, WrapperRow> $wrappers by its id */
    private static function isIn(JobSheet $sheet, array $wrappers, string $device): bool
    {
        return $sheet->card(Wrapper::rawOf($device))?->isIn() === true && ($wrappers[$device] ?? null)?->isMade() !== false;
    }

    /** @param array<string, WrapperRow> $wrappers */
    private static function markOf(JobSheet $sheet, array $wrappers, string $device): ?string
    {
        return isset($wrappers[$device]) ? $wrappers[$device]->mark : $sheet->card(Wrapper::rawOf($device))?->node?->address;
    }

    private static function wrapper(JobSheet $sheet, WrapperRow $one): Wrapper
    {
        $card = $sheet->cards[$one->slot->key];
        $name = Wrapper::nameOf($card->slot->name ?? $card->calledInRoom(), $one->wrapping, $card->profile->capabilities);

        return new Wrapper($one->slot->key, $one->wrapping, $one->box_key, $name, $one->ecosystems);
    }

    private static function release(?string $text): ?Release
    {
        return $text === null ? null : Release::of($text);
    }

    /**
     * @param  array<string, BridgeBox>  $boxes
     * @return list<string> keys of those that are hubs of the job: devices come in there at the Pair station
     */
    private static function hubBoxes(array $boxes): array
    {
        $hubs = array_filter($boxes, static fn (BridgeBox $box): bool => $box->gateway_id !== null);

        return array_values(array_map(static fn (BridgeBox $box): string => $box->key, $hubs));
    }

    private static function pair(string $slot, string $ecosystem): string
    {
        return serialize([$slot, $ecosystem]);
    }
}
