<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\Company;
use App\Models\Gateway;
use App\Models\SiteJob;
use App\Models\User;
use App\Pictures\Picture;
use App\Tenancy\CurrentCompany;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\JobFile\JobFile;
use Throwable;

/** Makes a new job of a job file, or nothing at all. */
final readonly class Importer
{
    public function __construct(private CurrentCompany $company) {}

    /**
     * @param  bool  $asOfToday  shift every date by whole days, so that the file's own day is today, or the last before it
     *                           of which no time lies in the future
     *
     * @throws ImportRefused where the database can't keep what the file holds
     */
    public function import(JobFile $file, bool $asOfToday = false): SiteJob
    {
        $shiftDays = $asOfToday ? $this->daysToToday($file->data) : 0;
        try {
            return DB::transaction(fn (): SiteJob => $this->store($file->data, $shiftDays));
        } catch (UniqueConstraintViolationException) {
            throw ImportRefused::twoAreOne();
        } catch (QueryException $failure) {
            throw DatabaseRefusal::isOfTheValue($failure) ? ImportRefused::cantBeKept() : $failure;
        }
    }

    /** The job that was made of this file before, or null. */
    public function twin(JobFile $file): ?SiteJob
    {
        $head = $file->data['job'];

        return SiteJob::query()->where('key', $head['key'])->where('name', $head['name'])->first();
    }

    /** @param array<string, mixed> $data */
    private function daysToToday(array $data): int
    {
        $days = (int) Carbon::parse($data['asOf'])->diffInDays(today(), false);
        preg_match_all('/"\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}[^"]*"/', (string) json_encode($data), $times);
        $latest = Carbon::parse(trim(max(['"1970-01-01T00:00:00Z"', ...$times[0]]), '"'))->addDays($days);

        return $latest->isFuture() ? $days - 1 : $days;
    }

    /** @param array<string, mixed> $data */
    private function store(array $data, int $shiftDays): SiteJob
    {
        $job = SiteJob::query()->create([
            ...Head::read($data['job']),
            'key' => $this->freeKey($data['job']['key']),
            'as_of' => Carbon::parse($data['asOf'])->addDays($shiftDays),
        ])->refresh();
        $reading = new Reading(
            $job,
            User::query()->where('company_id', $this->company->id())->pluck('id', 'email')->all(),
            $shiftDays,
            $this->mayLinkStandin($job->key),
        );
        try {
            foreach (SectionList::all() as $section) {
                $section->read($reading, $data[$section->key()] ?? []);
            }
        } catch (Throwable $failed) {
            // The database forgets the job by itself; its pictures are files.
            Picture::forget($job->id);
            throw $failed;
        }

        return $job;
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

    /** The stand-in house is one company’s, and one hub is followed by one job: a second would hear the same devices. */
    private function mayLinkStandin(string $job): bool
    {
        return Company::query()->whereKey($this->company->id())->where('has_standin', true)->exists()
            && ! Gateway::query()->withoutGlobalScopes()->where('url', StandinAddress::of($job))->exists();
    }
}
