<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\SiteJob;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Carbon;
use Kavvel\Core\JobFile\JobFile;

/** Writes a job as a job file: everything but secrets. */
final readonly class Exporter
{
    /** In the order in which they were made: the file lists them so. */
    private const PARTS = ['storeys', 'rooms', 'walls', 'points', 'gateways', 'nodes', 'slots', 'pairAttempts', 'proofResults', 'radioSurveys', 'questions', 'snags', 'logEntries'];

    private const BESIDE = ['rooms.storey', 'walls.storey', 'points.room', 'gateways.storey', 'gateways.networks', 'nodes.gateway', 'slots.room', 'slots.point', 'slots.profile', 'slots.node',
        'pairAttempts.node', 'radioSurveys.links', 'radioSurveys.gateway', 'users'];

    /** @return array<string, mixed> */
    public function export(SiteJob $job): array
    {
        $job->load(array_fill_keys(self::PARTS, static fn (Relation $part) => $part->orderBy('id')));
        $job->loadMissing(self::BESIDE);
        $slotKeys = $job->slots->pluck('key', 'id');
        $userEmails = $job->users->pluck('email', 'id');

        return [
            'format' => JobFile::FORMAT,
            'version' => JobFile::VERSION,
            'asOf' => $job->as_of->toDateString(),
            'job' => [
                'key' => $job->key, 'name' => $job->name,
                'client' => ['name' => $job->client_name, 'email' => $job->client_email, 'phone' => $job->client_phone],
                'address' => $job->address, 'stage' => $job->stage, 'region' => $job->region, 'namePattern' => $job->name_pattern, 'school' => $job->school,
                'acceptanceDb' => $job->acceptance_db, 'clutterConstantDb' => $job->clutter_constant_db, 'clutterDbPerMetre' => $job->clutter_db_per_metre,
                'visit' => ['number' => $job->visit_number, 'of' => $job->visit_of, 'plannedMinutes' => $job->planned_minutes, 'usedMinutes' => $job->used_minutes],
            ],
            'storeys' => $job->storeys->map(static fn ($storey): array => ['key' => $storey->key, 'name' => $storey->name, 'level' => $storey->level,
                'elevation' => $storey->elevation, 'height' => $storey->height, 'outline' => $storey->outline, 'floorLayers' => $storey->floor_layers])->all(),
            'rooms' => $job->rooms->map(static fn ($room): array => ['key' => $room->key, 'storey' => $room->storey->key, 'name' => $room->name, 'code' => $room->code, 'outline' => $room->outline])->all(),
            'walls' => $job->walls->map(static fn ($wall): array => ['key' => $wall->key, 'storey' => $wall->storey->key, 'label' => $wall->label, 'from' => $wall->from, 'to' => $wall->to,
                'height' => $wall->height, 'layers' => $wall->layers, 'openings' => $wall->openings])->all(),
            'points' => $job->points->map(static fn ($point): array => ['key' => $point->key, 'room' => $point->room->key, 'position' => [$point->x, $point->y, $point->z],
                'purpose' => $point->purpose, 'mains' => $point->mains])->all(),
            'gateways' => $job->gateways->map(static fn ($gateway): array => ['key' => $gateway->key, 'name' => $gateway->name, 'storey' => $gateway->storey->key,
                'position' => [$gateway->x, $gateway->y, $gateway->z], 'link' => $gateway->url === null ? null : 'standin',
                'networks' => $gateway->networks->sortBy('id')->values()->map(static fn ($network): array => ['protocol' => $network->protocol, 'channel' => $network->channel, 'linked' => $network->linked])->all()])->all(),
            'profiles' => $job->slots->map(static fn ($slot): array => $slot->profile->data)->unique('key')->sortBy('key')->values()->all(),
            'slots' => $job->slots->map(static fn ($slot): array => ['key' => $slot->key, 'room' => $slot->room->key, 'point' => $slot->point?->key, 'profile' => $slot->profile->key,
                'place' => $slot->place, 'what' => $slot->what, 'position' => [$slot->x, $slot->y, $slot->z], 'mounting' => $slot->mounting, 'feed' => $slot->feed, 'note' => $slot->note,
                'node' => $slot->node?->address, 'name' => $slot->name, 'namedAt' => self::time($slot->named_at)])->all(),
            'nodes' => $job->nodes->map(static fn ($node): array => ['address' => $node->address, 'gateway' => $node->gateway->key, 'protocol' => $node->protocol, 'model' => $node->model,
                'firmware' => $node->firmware, 'role' => $node->is_router ? 'router' : 'end', 'capabilities' => $node->capabilities, 'state' => $node->state, 'label' => $node->label,
                'batteryPercent' => $node->battery_percent, 'joinedAt' => self::time($node->joined_at), 'heardAt' => self::time($node->heard_at)])->all(),
            'attempts' => $job->pairAttempts->filter(static fn ($attempt): bool => $slotKeys->has($attempt->slot_id))->map(static fn ($attempt): array => ['slot' => $slotKeys[$attempt->slot_id], 'state' => $attempt->state->value,
                'startedAt' => self::time($attempt->started_at), 'endedAt' => self::time($attempt->ended_at), 'sawLight' => $attempt->saw_light, 'interviewDone' => $attempt->interview_done,
                'interviewTotal' => $attempt->interview_total, 'missing' => $attempt->missing, 'marginDb' => $attempt->margin_db, 'node' => $attempt->node?->address])->values()->all(),
            'proofs' => $job->proofResults->filter(static fn ($proof): bool => $slotKeys->has($proof->slot_id))->map(static fn ($proof): array => ['slot' => $slotKeys[$proof->slot_id], 'rung' => $proof->rung->value, 'outcome' => $proof->outcome->value,
                'reason' => $proof->reason, 'at' => self::time($proof->at), 'by' => $userEmails[$proof->user_id] ?? null])->values()->all(),
            'surveys' => $job->radioSurveys->where('state', 'done')->map(static fn ($survey): array => ['gateway' => $survey->gateway->key, 'protocol' => $survey->protocol,
                'askedAt' => self::time($survey->asked_at), 'endedAt' => self::time($survey->ended_at),
                'links' => $survey->links->sortBy('id')->values()->map(static fn ($link): array => ['a' => $link->a, 'b' => $link->b, 'marginDb' => $link->margin_db, 'marginBackDb' => $link->margin_back_db])->all()])->values()->all(),
            'questions' => $job->questions->map(static fn ($question): array => ['key' => $question->key, 'text' => $question->text, 'owner' => $question->owner, 'dueOn' => $question->due_on->toDateString(),
                'otherwise' => $question->otherwise, 'answer' => $question->answer, 'answeredAt' => self::time($question->answered_at)])->all(),
            'snags' => $job->snags->map(static fn ($snag): array => ['key' => $snag->key, 'slot' => $slotKeys[$snag->slot_id] ?? null, 'text' => $snag->text, 'raisedBy' => $snag->raised_by,
                'raisedAt' => self::time($snag->raised_at), 'state' => $snag->state, 'closedBy' => $snag->closed_by, 'acceptedBy' => $snag->accepted_by, 'closedAt' => self::time($snag->closed_at)])->all(),
            'log' => $job->logEntries->map(static fn ($entry): array => ['at' => self::time($entry->at), 'by' => $entry->by, 'kind' => $entry->kind, 'text' => $entry->text,
                'slot' => $slotKeys[$entry->slot_id] ?? null])->all(),
            'members' => $job->users->pluck('email')->sort()->values()->all(),
        ];
    }

    private static function time(?Carbon $time): ?string
    {
        return $time?->format('Y-m-d\TH:i:s\Z');
    }
}
