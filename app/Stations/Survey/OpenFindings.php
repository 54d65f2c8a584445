<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\JobSheet\JobSheet;
use App\Models\Snag;
use App\Radio\RadioFindings;
use Kavvel\Core\Radio\RadioFinding;
use WeakMap;

/** What is found about the radios of a job, and what of it nobody has made a snag of yet. */
final readonly class OpenFindings
{
    /**
     * @param  list<RadioFinding>  $all  the gravest first
     * @param  list<RadioFinding>  $open
     */
    private function __construct(public array $all, public array $open) {}

    /** Worked out once for each sheet: the line and the move both ask. */
    public static function of(JobSheet $sheet): self
    {
        /** @var WeakMap<JobSheet, self>|null $known */
        static $known = null;
        $known ??= new WeakMap;

        return $known[$sheet] ??= self::read($sheet);
    }

    private static function read(JobSheet $sheet): self
    {
        $all = (new RadioFindings($sheet))->all();
        $raised = $all === [] ? [] : Snag::query()->where('site_job_id', $sheet->job->id)->pluck('text')->all();

        return new self($all, array_values(array_filter(
            $all,
            static fn (RadioFinding $finding): bool => ! in_array($finding->text, $raised, true),
        )));
    }

    public function isOpen(RadioFinding $finding): bool
    {
        return in_array($finding, $this->open, true);
    }
}
