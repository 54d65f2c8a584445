<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\Gateway;
use App\Models\LogEntry;
use App\Models\MeshReading;
use App\Models\Network;
use App\Models\Node;
use App\Models\PairAttempt;
use App\Models\Point;
use App\Models\Profile;
use App\Models\ProofResult;
use App\Models\Question;
use App\Models\RadioLink;
use App\Models\Room;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\Snag;
use App\Models\Storey;
use App\Models\User;
use App\Models\Wall;
use App\Tenancy\CurrentCompany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;

/** Makes a new job of a job file, or nothing at all. */
final class Importer
{
    private int $shiftDays = 0;

    /** @var array<string, int> user ids by e-mail and by name */
    private array $people = [];

    public function __construct(private readonly CurrentCompany $company) {}

    /**
     * @param  bool  $asOfToday  shift every date by whole days, so that the file's own day is today
     *
     * @throws InvalidInput
     */
    public function import(string $json, bool $asOfToday = false): SiteJob
    {
        $file = JobFile::parse($json);
        $data = $file->data;
        $this->shiftDays = $asOfToday ? (int) Carbon::parse($data['asOf'])->diffInDays(today(), false) : 0;
        $this->people = User::query()->where('company_id', $this->company->id())->pluck('id', 'email')->all();

        return DB::transaction(fn (): SiteJob => $this->store($data));
    }

    /** @param array<string, mixed> $data */
    private function store(array $data): SiteJob
    {
        $job = $this->job($data);
        $storeys = $this->storeys($job, $data['storeys']);
        $rooms = $this->rooms($job, $data['rooms'], $storeys);
        foreach ($data['walls'] as $wall) {
            Wall::query()->create(['site_job_id' => $job->id, 'key' => $wall['key'], 'storey_id' => $storeys[$wall['storey']], 'label' => $wall['label'],
                'from' => $wall['from'], 'to' => $wall['to'], 'height' => $wall['height'], 'layers' => $wall['layers'], 'openings' => $wall['openings']]);
        }
        $points = [];
        foreach ($data['points'] as $point) {
            $points[$point['key']] = Point::query()->create(['site_job_id' => $job->id, 'key' => $point['key'], 'room_id' => $rooms[$point['room']],
                'purpose' => $point['purpose'], 'mains' => $point['mains'], ...self::position($point)])->id;
        }
        $profiles = $this->profiles($data['profiles']);
        $gateways = $this->gateways($job, $data['gateways'], $storeys);
        $nodes = $this->nodes($job, $data['nodes'], $gateways);
        $slots = $this->slots($job, $data['slots'], $rooms, $points, $profiles, $nodes);
        $this->work($job, $data, $slots, $nodes, $gateways);

        return $job;
    }

    /** @param array<string, mixed> $data */
    private function job(array $data): SiteJob
    {
        $head = $data['job'];
        $job = SiteJob::query()->create([
            'key' => $this->freeKey($head['key']), 'name' => $head['name'], 'client_name' => $head['client']['name'],
            'client_email' => $head['client']['email'] ?? null, 'client_phone' => $head['client']['phone'] ?? null,
            'address' => $head['address'], 'stage' => $head['stage'], 'region' => $head['region'],
            'as_of' => $this->date($data['asOf']), 'visit_number' => $head['visit']['number'], 'visit_of' => $head['visit']['of'],
            'planned_minutes' => $head['visit']['plannedMinutes'], 'used_minutes' => $head['visit']['usedMinutes'],
            'name_pattern' => $head['namePattern'], 'school' => $head['school'], 'acceptance_db' => $head['acceptanceDb'],
            'clutter_constant_db' => $head['clutterConstantDb'], 'clutter_db_per_metre' => $head['clutterDbPerMetre'],
        ]);
        $job->users()->sync(array_values(array_intersect_key($this->people, array_flip($data['members'] ?? []))));

        return $job->refresh();
    }

    /** An import makes a new job; where the key is taken it gets a number. */
    private function freeKey(string $key): string
    {
        $taken = SiteJob::query()->where('key', 'like', addcslashes($key, '%_\\').'%')->pluck('key')->all();
        $free = $key;
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = "{$key}-{$n}";
        }

        return $free;
    }

    /**
     * @param  list<array<string, mixed>>  $storeys
     * @return array<string, int>
     */
    private function storeys(SiteJob $job, array $storeys): array
    {
        $ids = [];
        foreach ($storeys as $storey) {
            $ids[$storey['key']] = Storey::query()->create(['site_job_id' => $job->id, 'key' => $storey['key'], 'name' => $storey['name'], 'level' => $storey['level'],
                'elevation' => $storey['elevation'], 'height' => $storey['height'], 'outline' => $storey['outline'], 'floor_layers' => $storey['floorLayers']])->id;
        }

        return $ids;
    }

    /**
     * @param  list<array<string, mixed>>  $rooms
     * @param  array<string, int>  $storeys
     * @return array<string, int>
     */
    private function rooms(SiteJob $job, array $rooms, array $storeys): array
    {
        $ids = [];
        foreach ($rooms as $room) {
            $ids[$room['key']] = Room::query()->create(['site_job_id' => $job->id, 'key' => $room['key'], 'storey_id' => $storeys[$room['storey']],
                'name' => $room['name'], 'code' => $room['code'], 'outline' => $room['outline']])->id;
        }

        return $ids;
    }

    /**
     * The company keeps one catalogue: an entry that it has is kept as it is.
     *
     * @param  list<array<string, mixed>>  $profiles
     * @return array<string, int>
     */
    private function profiles(array $profiles): array
    {
        $ids = Profile::query()->pluck('id', 'key')->all();
        foreach ($profiles as $profile) {
            $ids[$profile['key']] ??= Profile::query()->create(['key' => $profile['key'], 'data' => $profile])->id;
        }

        return $ids;
    }

    /**
     * @param  list<array<string, mixed>>  $gateways
     * @param  array<string, int>  $storeys
     * @return array<string, int>
     */
    private function gateways(SiteJob $job, array $gateways, array $storeys): array
    {
        $ids = [];
        foreach ($gateways as $gateway) {
            $isLinked = ($gateway['link'] ?? null) === 'standin';
            $made = Gateway::query()->create(['site_job_id' => $job->id, 'key' => $gateway['key'], 'name' => $gateway['name'],
                'storey_id' => $storeys[$gateway['storey']], ...self::position($gateway),
                'url' => $isLinked ? config('kavvel.standin.url') : null, 'token' => $isLinked ? config('kavvel.standin.token') : null]);
            foreach ($gateway['networks'] as $network) {
                Network::query()->create(['site_job_id' => $job->id, 'gateway_id' => $made->id, 'protocol' => $network['protocol'],
                    'channel' => $network['channel'] ?? null, 'linked' => $network['linked']]);
            }
            $ids[$gateway['key']] = $made->id;
        }

        return $ids;
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @param  array<string, int>  $gateways
     * @return array<string, int>
     */
    private function nodes(SiteJob $job, array $nodes, array $gateways): array
    {
        $ids = [];
        foreach ($nodes as $node) {
            $ids[$node['address']] = Node::query()->create(['site_job_id' => $job->id, 'gateway_id' => $gateways[$node['gateway']], 'protocol' => $node['protocol'],
                'address' => $node['address'], 'model' => $node['model'] ?? null, 'firmware' => $node['firmware'] ?? null, 'is_router' => $node['role'] === 'router',
                'capabilities' => $node['capabilities'], 'state' => $node['state'], 'label' => $node['label'] ?? null, 'battery_percent' => $node['batteryPercent'] ?? null,
                'joined_at' => $this->time($node['joinedAt'] ?? null), 'heard_at' => $this->time($node['heardAt'] ?? null)])->id;
        }

        return $ids;
    }

    /**
     * @param  list<array<string, mixed>>  $slots
     * @param  array<string, int>  $rooms
     * @param  array<string, int>  $points
     * @param  array<string, int>  $profiles
     * @param  array<string, int>  $nodes
     * @return array<string, int>
     */
    private function slots(SiteJob $job, array $slots, array $rooms, array $points, array $profiles, array $nodes): array
    {
        $ids = [];
        foreach ($slots as $slot) {
            $ids[$slot['key']] = Slot::query()->create(['site_job_id' => $job->id, 'key' => $slot['key'], 'room_id' => $rooms[$slot['room']],
                'point_id' => $points[$slot['point'] ?? ''] ?? null, 'profile_id' => $profiles[$slot['profile']], 'node_id' => $nodes[$slot['node'] ?? ''] ?? null,
                'place' => $slot['place'], 'what' => $slot['what'], ...self::position($slot), 'mounting' => $slot['mounting'],
                'feed' => $slot['feed'] ?? null, 'note' => $slot['note'] ?? null, 'name' => $slot['name'] ?? null, 'named_at' => $this->time($slot['namedAt'] ?? null)])->id;
        }

        return $ids;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, int>  $slots
     * @param  array<string, int>  $nodes
     * @param  array<string, int>  $gateways
     */
    private function work(SiteJob $job, array $data, array $slots, array $nodes, array $gateways): void
    {
        $of = ['site_job_id' => $job->id];
        foreach ($data['attempts'] as $attempt) {
            PairAttempt::query()->create([...$of, 'slot_id' => $slots[$attempt['slot']], 'node_id' => $nodes[$attempt['node'] ?? ''] ?? null, 'state' => $attempt['state'],
                'saw_light' => $attempt['sawLight'] ?? false, 'interview_done' => $attempt['interviewDone'] ?? 0, 'interview_total' => $attempt['interviewTotal'] ?? 0,
                'missing' => $attempt['missing'] ?? [], 'margin_db' => $attempt['marginDb'] ?? null,
                'started_at' => $this->time($attempt['startedAt']), 'ended_at' => $this->time($attempt['endedAt'] ?? null)]);
        }
        foreach ($data['proofs'] as $proof) {
            ProofResult::query()->create([...$of, 'slot_id' => $slots[$proof['slot']], 'rung' => $proof['rung'], 'outcome' => $proof['outcome'],
                'reason' => $proof['reason'] ?? null, 'user_id' => $this->people[$proof['by'] ?? ''] ?? null, 'at' => $this->time($proof['at'])]);
        }
        foreach ($data['surveys'] as $survey) {
            $made = MeshReading::query()->create([...$of, 'gateway_id' => $gateways[$survey['gateway']], 'reference' => (string) str()->ulid(), 'protocol' => $survey['protocol'],
                'state' => 'done', 'asked_at' => $this->time($survey['askedAt']), 'ended_at' => $this->time($survey['endedAt'] ?? null)]);
            foreach ($survey['links'] as $link) {
                RadioLink::query()->create(['radio_survey_id' => $made->id, 'a' => $link['a'], 'b' => $link['b'], 'margin_db' => $link['marginDb'], 'margin_back_db' => $link['marginBackDb'] ?? null]);
            }
        }
        foreach ($data['questions'] as $question) {
            Question::query()->create([...$of, 'key' => $question['key'], 'text' => $question['text'], 'owner' => $question['owner'], 'due_on' => $this->date($question['dueOn']),
                'otherwise' => $question['otherwise'], 'answer' => $question['answer'] ?? null, 'answered_at' => $this->time($question['answeredAt'] ?? null)]);
        }
        foreach ($data['snags'] as $snag) {
            Snag::query()->create([...$of, 'key' => $snag['key'], 'slot_id' => $slots[$snag['slot'] ?? ''] ?? null, 'text' => $snag['text'], 'raised_by' => $snag['raisedBy'],
                'raised_at' => $this->time($snag['raisedAt']), 'state' => $snag['state'], 'closed_by' => $snag['closedBy'] ?? null,
                'accepted_by' => $snag['acceptedBy'] ?? null, 'closed_at' => $this->time($snag['closedAt'] ?? null)]);
        }
        foreach ($data['log'] as $entry) {
            LogEntry::query()->create([...$of, 'slot_id' => $slots[$entry['slot'] ?? ''] ?? null, 'by' => $entry['by'], 'kind' => $entry['kind'],
                'text' => $entry['text'], 'at' => $this->time($entry['at'])]);
        }
    }

    /**
     * @param  array<string, mixed>  $thing
     * @return array{x: float, y: float, z: float}
     */
    private static function position(array $thing): array
    {
        [$x, $y, $z] = $thing['position'];

        return ['x' => (float) $x, 'y' => (float) $y, 'z' => (float) $z];
    }

    private function date(string $date): Carbon
    {
        return Carbon::parse($date)->addDays($this->shiftDays);
    }

    private function time(?string $time): ?Carbon
    {
        return $time === null ? null : Carbon::parse($time)->addDays($this->shiftDays);
    }
}
