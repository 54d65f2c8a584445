<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Floorplan\PlanEditor;
use App\Floorplan\PlanEditRefused;
use App\JobSheet\Catalogue;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\MeshProposal;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\Snag;
use App\Models\User;
use App\Radio\FreeMainsPoints;
use App\Radio\JudgedReading;
use App\Radio\MeshMembers;
use App\Radio\TriedChange;
use App\Radio\WhatIf;
use Kavvel\Core\Circuits\Prices;
use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits\MoveHub;
use Kavvel\Core\Mending\MendingCost;
use Kavvel\Core\Mesh\ReadingAge;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Protocol\Protocol;

/** What-ifs that are kept, compared, and made work. */
final readonly class Proposals
{
    public function __construct(private Logbook $logbook, private PlanEditor $plan) {}

    /** @throws ProposalRefused */
    public function keep(SiteJob $job, Protocol $protocol, string $words, User $person): void
    {
        $sheet = JobSheet::of($job);
        $changes = self::words(WhatIf::of($sheet, $this->reading($sheet, $protocol), TriedChange::all($words))->changes);
        $open = $job->meshProposals()->where('protocol', $protocol)->whereNull('worked_at')->lockForUpdate()->pluck('changes');
        if ($changes === '') {
            throw ProposalRefused::triesNothing();
        }
        if ($job->meshProposals()->where('protocol', $protocol)->where('changes', $changes)->exists()) {
            throw ProposalRefused::isThere();
        }
        if ($open->count() >= MeshProposal::MOST) {
            throw ProposalRefused::areTooMany();
        }
        $job->meshProposals()->create([
            'company_id' => $job->company_id, 'key' => (string) str()->ulid(), 'protocol' => $protocol, 'changes' => $changes,
            'by' => $person->name, 'at' => now(),
        ]);
        $this->logbook->write($job, $person, 'mesh', "Kept a proposal for the {$protocol->title()} mesh.");
    }

    public function drop(SiteJob $job, MeshProposal $proposal, User $person): void
    {
        $proposal->delete();
        $this->logbook->write($job, $person, 'mesh', "Dropped a proposal for the {$proposal->protocol->title()} mesh.");
    }

    /**
     * What is to be plugged in is the caller’s to add. The hub goes to its new place on the plan, so that forecasts follow; that it is
     * to be carried there is a snag until it was, and the mesh is to be read again.
     *
     * @return list<string> keys of the points where a relay is to be
     *
     * @throws ProposalRefused
     */
    public function work(SiteJob $job, MeshProposal $proposal, User $person): array
    {
        $sheet = JobSheet::of($job);
        $one = $this->proposal($sheet, $this->reading($sheet, $proposal->protocol), $proposal, '');
        if ($one->isOutdated() || ! $one->isWork() || $proposal->worked_at !== null) {
            throw ProposalRefused::isOutdated();
        }
        $report = $one->tried->then->report;
        $proposal->update(['worked_at' => now(), 'promised' => [
            'accepted' => $report->count(Verdict::Accepted), 'thin' => $report->count(Verdict::Thin),
            'lost' => $report->count(Verdict::Lost),
        ]]);
        $this->logbook->write($job, $person, 'mesh', "Made a proposal for the {$proposal->protocol->title()} mesh work.");
        $relays = [];
        foreach ($one->tried->changes as $change) {
            if ($change->kind === 'relay') {
                $relays[] = $change->key;
            } elseif ($change->kind === 'hub') {
                $this->moveHub($sheet, $change->key, $person);
            } elseif ($change->as !== null) {
                $this->askForWall($sheet, $change->key, $change->as, $person);
            }
        }

        return $relays;
    }

    /** @throws PlanEditRefused */
    private function moveHub(JobSheet $sheet, string $point, User $person): void
    {
        $hub = $sheet->hubs[0] ?? throw ProposalRefused::isOutdated();
        $at = array_column($sheet->geometry->points, null, 'key')[$point] ?? throw ProposalRefused::isOutdated();
        $storey = $sheet->geometry->rooms[$at['room']]['storey'];
        $this->plan->apply($sheet->job, static fn (): Edit => new MoveHub($hub->key(), $storey, $at['x'], $at['y']), null, $person);
        $where = FreeMainsPoints::words($sheet)[$point] ?? $point;
        Snag::query()->create([
            'site_job_id' => $sheet->job->id, 'key' => (string) str()->ulid(), 'state' => 'open', 'raised_by' => $person->name,
            'raised_at' => now(), 'text' => "Carry the hub to the {$where}, as the plan has it now, and read the mesh again.",
        ]);
    }

    /** No wall is pulled down for a radio without whoever owns it. */
    private function askForWall(JobSheet $sheet, string $wall, Construction $as, User $person): void
    {
        $label = array_column($sheet->geometry->walls, 'label', 'key')[$wall] ?? $wall;
        Snag::query()->create([
            'site_job_id' => $sheet->job->id, 'key' => (string) str()->ulid(), 'state' => 'open', 'raised_by' => $person->name,
            'raised_at' => now(),
            'text' => 'Ask whether the '.lcfirst($label).' may be rebuilt ('.lcfirst($as->words()).'): the mesh counts on it.',
        ]);
    }

    /** @return list<Proposal> those that are open, in the order in which they were kept */
    public function open(JobSheet $sheet, JudgedReading $reading): array
    {
        $proposals = [];
        $kept = $sheet->job->meshProposals()->where('protocol', $reading->reading->protocol)->whereNull('worked_at')->orderBy('id')->get();
        foreach ($kept->values() as $number => $proposal) {
            $proposals[] = $this->proposal($sheet, $reading, $proposal, chr(ord('A') + $number));
        }

        return $proposals;
    }

    /** The last that became work before this reading: what it had promised stands beside what was read. */
    public function kept(SiteJob $job, MeshReading $reading): ?MeshProposal
    {
        return $job->meshProposals()->where('protocol', $reading->protocol)->where('worked_at', '<', $reading->asked_at)
            ->orderByDesc('worked_at')->first();
    }

    private function proposal(JobSheet $sheet, JudgedReading $reading, MeshProposal $kept, string $letter): Proposal
    {
        $tried = WhatIf::of($sheet, $reading, TriedChange::all($kept->changes));
        $kinds = array_count_values(array_map(static fn (TriedChange $change): string => $change->kind, $tried->changes));
        $minutes = 0;
        foreach (Catalogue::of($sheet->job->region) as $profile) {
            if ($profile->protocol === $kept->protocol && $profile->isMadeToRelay()) {
                $minutes = $profile->minutes->pair + $profile->minutes->name + $profile->minutes->prove;
                break;
            }
        }

        return new Proposal($letter, $kept, $tried, MendingCost::of(
            $kinds['relay'] ?? 0,
            isset($kinds['hub']),
            $minutes,
            Prices::of($sheet->job->prices ?? []),
        ));
    }

    /** @throws ProposalRefused */
    private function reading(JobSheet $sheet, Protocol $protocol): JudgedReading
    {
        $reading = JudgedReading::of($sheet, $protocol);
        if ($reading === null || self::age($reading, $sheet, $protocol)->isStale()) {
            throw ProposalRefused::isNotRead($protocol);
        }

        return $reading;
    }

    private static function age(JudgedReading $one, JobSheet $sheet, Protocol $protocol): ReadingAge
    {
        return MeshMembers::age($one->reading->members, $one->reading->hub_at, $sheet, $protocol);
    }

    /** @param list<TriedChange> $changes */
    private static function words(array $changes): string
    {
        return implode(' ', array_map(static fn (TriedChange $change): string => $change->word(), $changes));
    }
}
