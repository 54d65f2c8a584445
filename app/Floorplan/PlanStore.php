<?php

declare(strict_types=1);

namespace App\Floorplan;

use App\Models\Duct;
use App\Models\Gateway;
use App\Models\Isolation;
use App\Models\Point;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\Storey;
use App\Models\Wall;
use App\Plan\Geometry;
use App\Tenancy\Committed;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanPatch;

/** The plan of a job between the database and the core: read whole, written by what has changed. */
final readonly class PlanStore
{
    /** A section is written after those that it refers to */
    private const SECTIONS = ['storeys', 'rooms', 'walls', 'ducts', 'points', 'slots', 'hubs'];

    public function read(SiteJob $job): Plan
    {
        return Plan::of(Committed::rememberForever($this->name($job), fn (): array => $this->rows($job)));
    }

    /** Of a job that is held for writing and not changed yet: what others have read of it is what it is. */
    public function readHeld(SiteJob $job): Plan
    {
        return Plan::of(Cache::get($this->name($job)) ?? $this->rows($job));
    }

    /** What was written, so that nobody reads it again; once it is written for good. */
    public function keep(SiteJob $job, Plan $plan): void
    {
        $name = $this->name($job);
        $rows = $plan->rows();
        foreach ($plan->things as $thing) {
            $rows[$thing->section][$thing->key]['name'] = $thing->name;
        }
        $rows = array_map(array_values(...), $rows);
        DB::afterCommit(static fn (): bool => Cache::forever($name, $rows));
    }

    public function write(SiteJob $job, PlanPatch $patch): void
    {
        $changed = $gone = [];
        foreach ($patch->changes as ['section' => $section, 'key' => $key, 'after' => $after]) {
            if ($after === null) {
                $gone[$section][] = $key;
            } else {
                $changed[$section][] = $after;
            }
        }
        foreach (self::SECTIONS as $section) {
            if (isset($changed[$section])) {
                $this->put($job, $section, $changed[$section]);
            }
        }
        foreach (array_reverse(self::SECTIONS) as $section) {
            if (isset($gone[$section])) {
                $this->remove($job, $section, $gone[$section]);
            }
        }
    }

    private function name(SiteJob $job): string
    {
        return "plan.{$job->id}.{$job->plan_version}";
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function rows(SiteJob $job): array
    {
        $drawn = Geometry::of($job);
        $storeys = array_column($drawn->storeys, 'key', 'id');
        $place = static fn (Slot|Gateway $one): array => [$one->x, $one->y, $one->z];
        $withoutId = static fn (array $row): array => array_filter(
            array_diff_key($row, ['id' => true]),
            static fn (mixed $value): bool => $value !== null,
        );

        return [
            'storeys' => array_map($withoutId, $drawn->storeys),
            'rooms' => array_map($withoutId, array_values($drawn->rooms)),
            'walls' => $drawn->walls,
            'ducts' => array_values($job->ducts()->orderBy('id')->get()->map(static fn (Duct $one): array => [
                'key' => $one->key, 'name' => $one->name, 'path' => $one->path,
            ])->all()),
            'points' => array_map(static fn (array $one): array => [
                'key' => $one['key'], 'name' => $one['purpose'], 'home' => $drawn->rooms[$one['room']]['key'],
                'position' => [$one['x'], $one['y'], $one['z']], 'facts' => array_filter([
                    'purpose' => $one['purpose'], 'mains' => $one['mains'], 'cable' => $one['cable'], 'count' => $one['count'],
                    'label' => $one['label'],
                ], static fn (mixed $fact): bool => $fact !== null),
            ], $drawn->points),
            'slots' => array_values($job->slots()->orderBy('id')->get()->map(static fn (Slot $one): array => [
                'key' => $one->key, 'name' => $one->title(), 'home' => $drawn->rooms[$one->room_id]['key'], 'position' => $place($one),
            ])->all()),
            'hubs' => array_values($job->gateways()->orderBy('id')->get()->map(static fn (Gateway $one): array => [
                'key' => $one->key, 'name' => $one->name, 'home' => $storeys[$one->storey_id], 'position' => $place($one),
            ])->all()),
        ];
    }

    /** @param list<array<string, mixed>> $rows */
    private function put(SiteJob $job, string $section, array $rows): void
    {
        $columns = $this->columns($job, $section);
        $ofJob = ['company_id' => $job->company_id, 'site_job_id' => $job->id];
        $written = array_map(static fn (array $row): array => ['key' => $row['key'], ...$columns($row)], $rows);
        match ($section) {
            'slots' => $this->place(
                Slot::withTrashed()->where('site_job_id', $job->id),
                $written,
                ['deleted_at' => null, 'lock_version' => DB::raw('lock_version + 1')],
            ),
            'hubs' => $this->place(Gateway::query()->where('site_job_id', $job->id), $written),
            default => self::model($section)::query()->upsert(
                array_map(static fn (array $row): array => [...$ofJob, ...$row], $written),
                ['site_job_id', 'key'],
                array_keys($written[0]),
            ),
        };
    }

    /** @return callable(array<string, mixed>): array<string, mixed> a row of the section as columns of its table */
    private function columns(SiteJob $job, string $section): callable
    {
        $storeys = in_array($section, ['rooms', 'walls', 'hubs'], true) ? $this->ids($job, 'storeys') : [];
        $rooms = in_array($section, ['points', 'slots'], true) ? $this->ids($job, 'rooms') : [];
        $place = static fn (array $row): array => array_combine(['x', 'y', 'z'], $row['position']);

        return match ($section) {
            'storeys' => static fn (array $row): array => [
                'name' => $row['name'], 'level' => $row['level'], 'elevation' => $row['elevation'], 'height' => $row['height'],
                'outline' => self::json($row['outline']), 'floor_layers' => self::json($row['floorLayers']),
                'outer_layers' => self::json($row['outerLayers']), 'inner_layers' => self::json($row['innerLayers']), 'deleted_at' => null,
            ],
            'rooms' => static fn (array $row): array => [
                'storey_id' => $storeys[$row['storey']], 'name' => $row['name'], 'code' => $row['code'], 'kind' => $row['kind'],
                'outline' => self::json($row['outline']), 'height' => $row['height'], 'deleted_at' => null,
            ],
            'walls' => static fn (array $row): array => [
                'storey_id' => $storeys[$row['storey']], 'label' => $row['label'], 'from' => self::json($row['from']),
                'to' => self::json($row['to']), 'height' => $row['height'], 'layers' => self::json($row['layers']),
                'openings' => self::json($row['openings']),
            ],
            'ducts' => static fn (array $row): array => ['name' => $row['name'], 'path' => self::json($row['path'])],
            'points' => static fn (array $row): array => [
                'room_id' => $rooms[$row['home']], ...$place($row),
                'purpose' => $row['facts']['purpose'], 'mains' => $row['facts']['mains'], 'cable' => $row['facts']['cable'] ?? null,
                'cable_count' => $row['facts']['count'] ?? null, 'label' => $row['facts']['label'] ?? null,
            ],
            'slots' => static fn (array $row): array => ['room_id' => $rooms[$row['home']], ...$place($row)],
            default => static fn (array $row): array => ['storey_id' => $storeys[$row['home']], ...$place($row)],
        };
    }

    /** @return array<string, int> by key */
    private function ids(SiteJob $job, string $table): array
    {
        return DB::table($table)->where('site_job_id', $job->id)->pluck('id', 'key')->all();
    }

    /**
     * What is there already, in its new place; nothing else of it is touched.
     *
     * @param  Builder<Slot>|Builder<Gateway>  $there
     * @param  list<array<string, mixed>>  $rows
     * @param  array<string, mixed>  $also  columns that change alike
     */
    private function place(Builder $there, array $rows, array $also = []): void
    {
        $columns = array_keys($rows[0]);
        $rows = array_column($rows, null, 'key');
        $written = [];
        foreach ((clone $there)->whereIn('key', array_keys($rows))->get() as $one) {
            $written[] = [...$one->getAttributes(), ...$rows[$one->key]];
        }
        $there->upsert(
            $written,
            ['id'],
            [...$columns, ...$also],
        );
    }

    /**
     * @param  list<string>  $keys
     *
     * @throws PlanEditRefused where a slot has a device
     */
    private function remove(SiteJob $job, string $section, array $keys): void
    {
        if ($section === 'slots') {
            $used = $job->slots()->whereIn('key', $keys)->whereNotNull('node_id')->first();
            if ($used !== null) {
                throw PlanEditRefused::hasDevice($used->title());
            }
            foreach (array_intersect(Isolation::openBoxes($job), $keys) as $open) {
                throw PlanEditRefused::boxIsOpen($open);
            }
        }
        self::model($section)::query()->where('site_job_id', $job->id)->whereIn('key', $keys)->delete();
    }

    /** @return class-string<Storey|Room|Wall|Duct|Point|Slot|Gateway> */
    private static function model(string $section): string
    {
        return match ($section) {
            'storeys' => Storey::class,
            'rooms' => Room::class,
            'walls' => Wall::class,
            'ducts' => Duct::class,
            'points' => Point::class,
            'slots' => Slot::class,
            default => Gateway::class,
        };
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
