<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Ecosystems\EcosystemClient;
use App\Models\CrossRun;
use App\Models\Ecosystem;
use App\Outside\OutsideCommand;
use App\Outside\OutsideFailure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** One step of a test from all sides: the next order, or one more look at what came of the last. Each step calls the next. */
final class CrossStep extends OutsideCommand
{
    private const CAPABILITY = 'on-off';

    /** Between two looks, in seconds; and where nothing is left but to wait for who is late */
    private const PAUSE = 1;

    private const LONG_PAUSE = 5;

    /** After so many looks the next is ordered, whoever has seen nothing */
    private const LOOKS = 3;

    /** And after so many more nobody is waited for */
    private const LATE_LOOKS = 36;

    private int $runId;

    public function __construct(CrossRun $run)
    {
        parent::__construct($run->company_id);
        $this->runId = $run->id;
    }

    protected function carryOut(): void
    {
        $run = CrossRun::query()->whereKey($this->runId)->whereNull('ended_at')->first();
        if ($run === null) {
            return;
        }
        $pause = null;
        try {
            $pause = $this->step($run);
        } catch (OutsideFailure $failure) {
            $this->refused($failure->getMessage());
        }
        $run->job()->firstOrFail()->touchLive();
        if ($pause !== null) {
            dispatch(new self($run))->delay($pause);
        }
    }

    protected function refused(string $why): void
    {
        CrossRun::query()->whereKey($this->runId)->whereNull('ended_at')
            ->update(['ended_at' => now(), 'stopped_because' => mb_strimwidth($why, 0, 250, '…')]);
    }

    protected function who(): string
    {
        return 'It';
    }

    /**
     * @return int|null after how many seconds it goes on; null: it is through
     *
     * @throws OutsideFailure
     */
    private function step(CrossRun $run): ?int
    {
        $ecosystems = $this->ecosystems($run);
        $this->look($run, $ecosystems);
        $record = $run->record();
        $isSeen = array_filter(
            array_keys($run->places),
            static fn (int|string $place): bool => ! $record->isCompleteFor((string) $place),
        ) === [];
        if ($run->is_waiting && ! $isSeen && $run->looks < self::LOOKS) {
            $run->update(['looks' => $run->looks + 1]);

            return self::PAUSE;
        }
        if ($run->plan !== []) {
            $this->order($run, $ecosystems, $run->plan);

            return self::PAUSE;
        }
        if (! $isSeen && $run->looks < self::LOOKS + self::LATE_LOOKS) {
            $run->update(['is_waiting' => false, 'looks' => $run->looks + 1]);

            return self::LONG_PAUSE;
        }
        $this->putBack($run, $ecosystems);
        $run->update(['is_waiting' => false, 'ended_at' => now()]);

        return null;
    }

    /**
     * @param  Collection<string, Ecosystem>  $ecosystems
     * @param  non-empty-list<array{string, string}>  $plan
     *
     * @throws OutsideFailure
     */
    private function order(CrossRun $run, Collection $ecosystems, array $plan): void
    {
        [$origin, $value] = $plan[0];
        array_shift($plan);
        $orders = $run->orders;
        $from = $ecosystems->get($origin);
        if ($from !== null) {
            $orders[] = ['origin' => $origin, 'value' => $value, 'at' => (int) now()->getTimestampMs()];
            EcosystemClient::for($from)->order((string) str()->ulid(), $run->places[$origin], self::CAPABILITY, $value);
        }
        $run->update(['plan' => $plan, 'orders' => $orders, 'is_waiting' => $from !== null, 'looks' => 0]);
    }

    /**
     * @param  Collection<string, Ecosystem>  $ecosystems
     *
     * @throws OutsideFailure
     */
    private function look(CrossRun $run, Collection $ecosystems): void
    {
        [$sights, $cursors] = [$run->sights, $run->cursors];
        foreach ($ecosystems as $key => $one) {
            $client = EcosystemClient::for($one);
            if (! isset($cursors[$key])) {
                // What it saw before the first order is nobody's business.
                [$cursors[$key], $sights[$key]] = [$client->newestSight(), []];
            }
            foreach ($client->sights($cursors[$key]) as $sight) {
                $cursors[$key] = $sight->number;
                if ($sight->device === $run->places[$key] && $sight->capability === self::CAPABILITY) {
                    $sights[$key][] = ['value' => $sight->value, 'at' => (int) Carbon::instance($sight->at)->getTimestampMs()];
                }
            }
        }
        $run->update(['sights' => $sights, 'cursors' => $cursors]);
    }

    /**
     * @param  Collection<string, Ecosystem>  $ecosystems
     *
     * @throws OutsideFailure
     */
    private function putBack(CrossRun $run, Collection $ecosystems): void
    {
        $last = $run->orders[count($run->orders) - 1] ?? null;
        $from = $last === null ? null : $ecosystems->get($last['origin']);
        if ($from !== null && $run->before !== null && $last['value'] !== $run->before) {
            EcosystemClient::for($from)->order((string) str()->ulid(), $run->places[$last['origin']], self::CAPABILITY, $run->before);
        }
    }

    /** @return Collection<string, Ecosystem> by key */
    private function ecosystems(CrossRun $run): Collection
    {
        return Ecosystem::query()->where('site_job_id', $run->site_job_id)->whereNotNull('url')
            ->whereIn('key', array_map(strval(...), array_keys($run->places)))->get()->keyBy('key');
    }
}
