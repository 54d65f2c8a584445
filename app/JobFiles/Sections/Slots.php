<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\LearntKey;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotSetting;
use App\Models\Stay;

final readonly class Slots extends Section
{
    public function key(): string
    {
        return 'slots';
    }

    public function write(SiteJob $job): array
    {
        $beside = ['room', 'point', 'profile', 'node', 'behind', 'gateway', 'settings', 'learntKeys', 'stays'];
        $slots = $job->slots()->with($beside)->orderBy('id')->get();

        return $slots->map(static fn (Slot $one): array => [
            'key' => $one->key,
            'room' => $one->room->key,
            'point' => $one->point?->key,
            'profile' => $one->profile->key,
            'place' => $one->place,
            'what' => $one->what,
            'position' => [$one->x, $one->y, $one->z],
            'mounting' => $one->mounting,
            'feed' => $one->feed,
            'note' => $one->note,
            'node' => $one->node?->address,
            'name' => $one->name,
            'namedAt' => self::time($one->named_at),
            'remote' => $one->remote_works_away === null ? null : [
                'worksAway' => $one->remote_works_away, 'toggles' => $one->remote_toggles,
            ],
            ...$one->behind === null ? [] : ['behind' => $one->behind->key],
            ...$one->gateway === null ? [] : ['hub' => $one->gateway->key],
            ...$one->hardware === null ? [] : ['hardware' => $one->hardware],
            ...$one->placed_at === null ? [] : ['placedAt' => self::time($one->placed_at)],
            ...$one->left_at === null ? [] : ['leftAt' => self::time($one->left_at)],
            ...$one->settings->isEmpty() ? [] : ['settings' => self::settings($one)],
            ...$one->stays->whereNotNull('until')->isEmpty() ? [] : ['stays' => self::stays($one)],
            ...self::taught($one),
            'load' => $one->load_what === null ? null : [
                'what' => $one->load_what, 'watts' => $one->load_watts, 'staysOn' => $one->load_stays_on, 'heats' => $one->load_heats,
            ],
        ])->values()->all();
    }

    /** @return list<array<string, string|null>> */
    private static function settings(Slot $slot): array
    {
        return array_values($slot->settings->sortBy('id')->map(static fn (SlotSetting $one): array => [
            'name' => $one->name, 'planned' => $one->planned, 'actual' => $one->actual, 'setBy' => $one->set_by,
            'setAt' => self::time($one->set_at),
        ])->all());
    }

    /** @return list<array<string, mixed>> */
    private static function stays(Slot $slot): array
    {
        return array_values($slot->stays->sortBy('id')->map(static fn (Stay $one): array => [
            'address' => $one->address, 'model' => $one->model, 'since' => self::time($one->since), 'until' => self::time($one->until),
            'because' => $one->because,
            ...$one->replaced === null ? [] : ['replaced' => $one->replaced, 'shown' => $one->shown, 'hangingOn' => $one->hanging_on],
        ])->all());
    }

    /** @return array<string, mixed> */
    private static function taught(Slot $slot): array
    {
        if ($slot->learn_school === null && $slot->learntKeys->isEmpty()) {
            return [];
        }

        return ['taught' => [
            'school' => $slot->learn_school,
            'keys' => array_values($slot->learntKeys->sortBy('id')->map(static fn (LearntKey $one): array => [
                'name' => $one->name, 'toggles' => $one->toggles, 'learnt' => $one->is_learnt, 'works' => $one->works, 'by' => $one->by,
                'at' => self::time($one->at), ...$one->signal === null ? [] : ['signal' => $one->signal],
            ])->all()),
        ]];
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = Slot::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'room_id' => $reading->id('rooms', $row['room']),
                'point_id' => $reading->id('points', $row['point'] ?? null),
                'profile_id' => $reading->id('profiles', $row['profile']),
                'node_id' => $reading->id('nodes', $row['node'] ?? null),
                'gateway_id' => $reading->id('gateways', $row['hub'] ?? null),
                'place' => $row['place'],
                'what' => $row['what'],
                ...self::position($row),
                'mounting' => $row['mounting'],
                'feed' => $row['feed'] ?? null,
                'note' => $row['note'] ?? null,
                'name' => $row['name'] ?? null,
                'named_at' => $reading->time($row['namedAt'] ?? null),
                'hardware' => $row['hardware'] ?? null,
                'learn_school' => $row['taught']['school'] ?? null,
                'left_at' => $reading->time($row['leftAt'] ?? null),
                'placed_at' => $reading->time($row['placedAt'] ?? null),
                'remote_works_away' => $row['remote']['worksAway'] ?? null,
                'remote_toggles' => $row['remote']['toggles'] ?? null,
                'load_what' => $row['load']['what'] ?? null,
                'load_watts' => $row['load']['watts'] ?? null,
                'load_stays_on' => $row['load']['staysOn'] ?? null,
                'load_heats' => $row['load']['heats'] ?? null,
            ]);
            $reading->keep($this->key(), $row['key'], $made->id);
            foreach ($row['taught']['keys'] ?? [] as $key) {
                $made->learntKeys()->create([
                    'site_job_id' => $reading->job->id, 'name' => $key['name'], 'toggles' => $key['toggles'],
                    'is_learnt' => $key['learnt'], 'works' => $key['works'] ?? null, 'by' => $key['by'] ?? null,
                    'at' => $reading->time($key['at'] ?? null), 'signal' => $key['signal'] ?? null,
                ]);
            }
            self::readStays($reading, $made, $row['stays'] ?? []);
            foreach ($row['settings'] ?? [] as $setting) {
                $made->settings()->create([
                    'site_job_id' => $reading->job->id, 'name' => $setting['name'], 'planned' => $setting['planned'] ?? null,
                    'actual' => $setting['actual'] ?? null, 'set_by' => $setting['setBy'] ?? null,
                    'set_at' => $reading->time($setting['setAt'] ?? null),
                ]);
            }
        }
        foreach ($rows as $row) {
            if (isset($row['behind'])) {
                Slot::query()->whereKey($reading->id('slots', $row['key']))->update(['behind_id' => $reading->id('slots', $row['behind'])]);
            }
        }
    }

    /**
     * A file may say only which device is there now.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    private static function readStays(Reading $reading, Slot $slot, array $rows): void
    {
        foreach ($rows as $row) {
            $slot->stays()->create([
                'site_job_id' => $reading->job->id, 'address' => $row['address'], 'model' => $row['model'] ?? null,
                'since' => $reading->time($row['since']), 'until' => $reading->time($row['until'] ?? null),
                'because' => $row['because'] ?? null, 'replaced' => $row['replaced'] ?? null, 'shown' => $row['shown'] ?? null,
                'hanging_on' => $row['hangingOn'] ?? 0,
            ]);
        }
        $node = $slot->node()->first();
        $open = $slot->stays()->whereNull('until')->first();
        if ($node !== null && $open === null) {
            Stay::begin($slot, $node, $node->joined_at);
        } elseif ($node !== null) {
            $open->update(['node_id' => $node->id]);
        }
    }
}
