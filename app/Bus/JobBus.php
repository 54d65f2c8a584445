<?php

declare(strict_types=1);

namespace App\Bus;

use App\Models\BusAddress;
use App\Models\BusTelegram;
use App\Models\JoinWindow;
use App\Models\SiteJob;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Bus\GroupEntry;
use Kavvel\Core\Bus\PointHeard;

/** The wired bus of a job: the control points of its project, and what was heard of each. */
final readonly class JobBus
{
    /**
     * @param  list<BusPoint>  $points  in the order of their names
     * @param  JoinWindow|null  $listening  the last in which a hub listened or listens
     * @param  Collection<int, BusTelegram>  $telegrams  that were heard in it, the latest first
     */
    private function __construct(public array $points, public ?JoinWindow $listening, public Collection $telegrams) {}

    public static function of(SiteJob $job): self
    {
        $addresses = BusAddress::query()->where('site_job_id', $job->id)->orderBy('number')->get();
        $telegrams = BusTelegram::query()->where('site_job_id', $job->id)->with('joinWindow')
            ->orderByDesc('at')->orderByDesc('id')->get();
        $window = JoinWindow::query()->with('gateway', 'user')->where('site_job_id', $job->id)->where('kind', 'hear')
            ->latest('id')->first();
        $said = [];
        foreach ($telegrams as $telegram) {
            $said[$telegram->number] = $telegram->said();
        }
        $now = now()->addSeconds($window->gateway->clock_ahead_seconds ?? 0)->getTimestampMs();
        $entries = array_values(array_filter($addresses->map(static fn (BusAddress $row): ?GroupEntry => $row->entry())->all()));
        $byPoint = $addresses->groupBy(static fn (BusAddress $row): string => ControlPoint::key($row->point));

        return new self(
            array_map(static function (ControlPoint $point) use ($byPoint, $said, $now): BusPoint {
                $own = $byPoint[ControlPoint::key($point->name)] ?? new Collection;

                return new BusPoint(
                    PointHeard::of($point, $said, $now),
                    $own->firstWhere('slot_id', '!=', null)?->slot_id,
                    array_values($own->all()),
                );
            }, ControlPoint::all($entries)),
            $window,
            $telegrams->where('join_window_id', $window?->id)->values(),
        );
    }

    public function isListening(): bool
    {
        return in_array($this->listening?->state, JoinWindow::UNDER_WAY, true);
    }

    public function point(string $name): ?BusPoint
    {
        foreach ($this->points as $point) {
            if ($point->key() === ControlPoint::key($name)) {
                return $point;
            }
        }

        return null;
    }

    /** The control point that this address belongs to; null: the project has it not. */
    public function pointAt(int $number): ?BusPoint
    {
        foreach ($this->points as $point) {
            if ($point->heard->point->entryAt($number) !== null) {
                return $point;
            }
        }

        return null;
    }
}
