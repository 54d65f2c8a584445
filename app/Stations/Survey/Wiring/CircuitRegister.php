<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Support\Str;
use Kavvel\Core\Circuits\Lamps;

/** Writes the register of circuits, and the lamps on them. */
final readonly class CircuitRegister
{
    private const LABELS = [
        'label' => 'Label', 'breaker' => 'Breaker', 'breaker_a' => 'Amperes', 'rcd' => 'Residual-current device', 'phase' => 'Phase',
        'channel' => 'Panel channel', 'channel_w' => 'Watts of the channel',
    ];

    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    /** @param array<string, mixed> $values */
    public function add(SiteJob $job, array $values, User $person): Circuit
    {
        $circuit = Circuit::query()->create([
            'site_job_id' => $job->id, 'key' => $this->freeKey($job, (string) $values['label']), 'lamps' => [], ...$values,
        ]);
        $this->logbook->write($job, $person, 'plan', "Noted the circuit “{$circuit->label}”.");

        return $circuit;
    }

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, Circuit $circuit, int $seenVersion, array $values, User $person): void
    {
        $this->write($circuit, $seenVersion, $values);
        $this->logbook->write($job, $person, 'plan', "Changed the circuit “{$circuit->label}”.");
    }

    /** @throws WiringRefused while somebody works on it */
    public function remove(SiteJob $job, Circuit $circuit, User $person): void
    {
        if ($job->isolations()->where('circuit_id', $circuit->id)->whereNull('ended_at')->exists()) {
            throw WiringRefused::isWorkedOn($circuit->label);
        }
        $circuit->delete();
        $this->logbook->write($job, $person, 'plan', "Took the circuit “{$circuit->label}” off the register.");
    }

    /** @throws WiringRefused where the circuit has no such room */
    public function addLamps(SiteJob $job, Circuit $circuit, int $seenVersion, Lamps $lamps, User $person): void
    {
        if (! in_array($lamps->room, $circuit->rooms, true)) {
            throw WiringRefused::noRoomOf($circuit->label);
        }
        $this->write($circuit, $seenVersion, ['lamps' => [...$circuit->lamps, [
            'room' => $lamps->room, 'count' => $lamps->count, 'watts' => $lamps->watts, 'dimmable' => $lamps->dimmable->value,
        ]]]);
        $this->logbook->write($job, $person, 'plan', "Noted {$lamps->count} × {$lamps->watts} W on the circuit “{$circuit->label}”.");
    }

    public function removeLamps(SiteJob $job, Circuit $circuit, int $seenVersion, int $number, User $person): void
    {
        $lamps = $circuit->lamps;
        unset($lamps[$number]);
        $this->write($circuit, $seenVersion, ['lamps' => array_values($lamps)]);
        $this->logbook->write($job, $person, 'plan', "Took lamps off the circuit “{$circuit->label}”.");
    }

    /** @param array<string, mixed> $values */
    private function write(Circuit $circuit, int $seenVersion, array $values): void
    {
        $json = array_map(
            static fn (mixed $value): mixed => is_array($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value,
            $values,
        );
        $this->lock->update($circuit, $seenVersion, $json, "the circuit “{$circuit->label}”", self::LABELS);
    }

    private function freeKey(SiteJob $job, string $label): string
    {
        $base = Str::limit(Str::slug($label), 70, '') ?: 'circuit';
        $taken = $job->circuits()->pluck('key')->all();
        $key = $base;
        for ($n = 2; in_array($key, $taken, true); $n++) {
            $key = "{$base}-{$n}";
        }

        return $key;
    }
}
