<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Models\Circuit;
use App\Models\KeyUse;
use App\Models\LeftOut;
use Kavvel\Core\Circuits\Circuit as CoreCircuit;
use Kavvel\Core\Circuits\CircuitCheck;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\CircuitReach;
use Kavvel\Core\Circuits\CircuitRemark;
use Kavvel\Core\Circuits\Control;
use Kavvel\Core\Circuits\ControlReach;
use Kavvel\Core\Circuits\EntranceReach;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Survey\Mains;
use Kavvel\Core\Wants\WantedFunction;

/** The circuits of a job with its controls: what switches what, and from where. */
final readonly class WiringSheet
{
    /** A point with this purpose is a switch on the wall */
    private const SWITCH_BOX = 'switch box';

    /**
     * @param  list<Circuit>  $circuits
     * @param  list<Control>  $controls
     * @param  list<KeyUse>  $keyUses
     * @param  array<string, CircuitReach>  $reach  of circuits for light, by key
     * @param  list<CircuitRemark>  $remarks
     * @param  list<string>  $leftDark  entrances that may stay dark
     */
    private function __construct(
        private JobSheet $sheet,
        public Plan $plan,
        public array $circuits,
        public array $controls,
        public array $keyUses,
        public array $reach,
        public array $remarks,
        private array $leftDark,
    ) {}

    public static function of(JobSheet $sheet, PlanStore $plans): self
    {
        $job = $sheet->job;
        $plan = $plans->read($job);
        $circuits = array_values($job->circuits()->orderBy('id')->get()->all());
        $keyUses = array_values($job->keyUses()->with('circuit')->orderBy('control')->orderBy('number')->orderBy('id')->get()->all());
        $controls = self::controlsOf($sheet);
        $core = array_map(static fn (Circuit $one): CoreCircuit => $one->core(), $circuits);
        $reaching = new ControlReach($plan, $controls, array_map(static fn (KeyUse $one) => $one->core(), $keyUses));
        $reach = [];
        foreach ($core as $circuit) {
            if ($circuit->kind === CircuitKind::Light) {
                $reach[$circuit->key] = $reaching->of($circuit);
            }
        }
        $volts = Mains::tryFrom((string) $job->mains)?->volts() ?? Mains::V230->volts();

        /** @var list<string> $leftDark */
        $leftDark = array_values($job->leftOut()->where('demand', 'like', LeftOut::DARK.' %')->pluck('demand')->all());

        return new self($sheet, $plan, $circuits, $controls, $keyUses, $reach, (new CircuitCheck($plan, $volts))->of($core), $leftDark);
    }

    /** Another one whenever any of it would look different. */
    public function version(): string
    {
        return hash('xxh128', serialize([
            $this->circuits, $this->reach, $this->keyUses, $this->leftDark, $this->sheet->job->plan_version,
        ]));
    }

    public function circuit(string $key): ?Circuit
    {
        return array_values(array_filter($this->circuits, static fn (Circuit $one): bool => $one->key === $key))[0] ?? null;
    }

    /** The first circuit for light in the room. */
    public function lighting(string $room): ?Circuit
    {
        return array_values(array_filter(
            $this->circuits,
            static fn (Circuit $one): bool => $one->kind === CircuitKind::Light && in_array($room, $one->rooms, true),
        ))[0] ?? null;
    }

    public function control(string $key): ?Control
    {
        return array_values(array_filter($this->controls, static fn (Control $one): bool => $one->key === $key))[0] ?? null;
    }

    /** @return list<KeyUse> */
    public function usesOf(string $control): array
    {
        return array_values(array_filter($this->keyUses, static fn (KeyUse $one): bool => $one->control === $control));
    }

    /** @param string $at room and opening: "hall ground-w05@7.60" */
    public function entrance(string $circuit, string $at): ?EntranceReach
    {
        foreach ($this->reach[$circuit]->entrances ?? [] as $entrance) {
            if ("{$entrance->room} {$entrance->opening}" === $at) {
                return $entrance;
            }
        }

        return null;
    }

    /** Whether the keys of a circuit all switch the whole of it. */
    public function isOneLight(string $circuit): bool
    {
        $uses = array_filter($this->keyUses, static fn (KeyUse $one): bool => $one->circuit->key === $circuit);

        return $uses !== [] && array_filter($uses, static fn (KeyUse $one): bool => $one->room !== '') === [];
    }

    /** @return list<array{CoreCircuit, EntranceReach}> where one stands in the dark */
    public function dark(): array
    {
        $dark = [];
        foreach ($this->reach as $reach) {
            foreach ($reach->dark() as $entrance) {
                if (! $this->mayStayDark($reach->circuit->key, $entrance)) {
                    $dark[] = [$reach->circuit, $entrance];
                }
            }
        }

        return $dark;
    }

    public function mayStayDark(string $circuit, EntranceReach $entrance): bool
    {
        return in_array(LeftOut::dark($circuit, $entrance->room, $entrance->opening), $this->leftDark, true);
    }

    /** How the light is switched there, in a word or a few. */
    public function told(string $circuit, EntranceReach $entrance): string
    {
        return $entrance->best()?->words() ?? ($this->mayStayDark($circuit, $entrance) ? 'may stay dark' : 'dark');
    }

    /** "hall to kitchen", "hall to outside" */
    public function way(EntranceReach $entrance): string
    {
        return "{$this->roomName($entrance->room)} to ".($entrance->beyond === null ? 'outside' : $this->roomName($entrance->beyond));
    }

    public function roomName(string $key): string
    {
        $room = array_values(array_filter($this->sheet->geometry->rooms, static fn (array $one): bool => $one['key'] === $key))[0] ?? null;

        return $room === null ? $key : mb_strtolower($this->sheet->geometry->roomTitle($room));
    }

    /** @return list<Control> */
    private static function controlsOf(JobSheet $sheet): array
    {
        $controls = $inRoom = [];
        foreach ($sheet->geometry->points as $point) {
            if (mb_strtolower($point['purpose']) === self::SWITCH_BOX) {
                $inRoom[$point['room']] = ($inRoom[$point['room']] ?? 0) + 1;
                $controls[] = new Control(
                    "point {$point['key']}",
                    $inRoom[$point['room']] === 1 ? 'Switch' : "Switch {$inRoom[$point['room']]}",
                    $sheet->geometry->rooms[$point['room']]['key'],
                    new Vec3($point['x'], $point['y'], $point['z']),
                );
            }
        }
        foreach ($sheet->cards as $card) {
            if (WantedFunction::Key->isServedBy($card->profile)) {
                $controls[] = new Control(
                    "slot {$card->key()}",
                    $card->title(),
                    $sheet->geometry->rooms[$card->roomId]['key'],
                    $card->position(),
                );
            }
        }

        return $controls;
    }
}
