<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Models\Closing;
use App\Models\SiteJob;
use App\Stations\Survey\Questions\QuestionsSheet;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;

/**
 * The days of a job as an iCalendar file (RFC 5545): what closes, by when what has to be in is ordered, and whose answer is due.
 * What is closed or answered is not among them.
 */
final readonly class SiteCalendar
{
    public function text(SiteJob $job): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Kavvel//Site calendar//EN', 'X-WR-CALNAME' => $job->name]);
        $closings = Closing::query()->where('site_job_id', $job->id)->whereNull('closed_at')->orderBy('closes_on')->orderBy('id')->get();
        foreach ($closings as $closing) {
            $core = $closing->core();
            $this->day($calendar, $job, "closing-{$closing->key}", $closing->lock_version, $core->on, "{$core->name} closes", $core->trade);
            if ($core->leadDays > 0) {
                $this->day(
                    $calendar,
                    $job,
                    "order-{$closing->key}",
                    $closing->lock_version,
                    $core->orderBy(),
                    "Order what has to be in before {$core->name}",
                    "{$core->leadDays} days from ordering, {$core->fittingDays} of work.",
                );
            }
        }
        $questions = QuestionsSheet::of($job);
        foreach ($questions->open() as $state) {
            $question = $state->question;
            $this->day(
                $calendar,
                $job,
                "question-{$question->key}",
                $questions->rows[$question->key]->lock_version,
                $question->dueOn(),
                "Answer due from {$question->owner}",
                implode("\n", array_filter([
                    $question->text, $question->trade, $question->costEffect, "Unanswered: {$question->otherwise}",
                ])),
            );
        }

        return $calendar->serialize();
    }

    private function day(
        VCalendar $calendar,
        SiteJob $job,
        string $uid,
        int $sequence,
        DateTimeImmutable $day,
        string $summary,
        string $description,
    ): void {
        // The same entry again where it is taken along a second time: a calendar replaces it.
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "{$uid}@{$job->key}.kavvel.example", 'DTSTAMP' => now()->toDateTimeImmutable(), 'SEQUENCE' => $sequence,
            'SUMMARY' => $summary, 'DESCRIPTION' => $description, 'LOCATION' => $job->address, 'TRANSP' => 'TRANSPARENT',
        ]);
        $calendar->add($event);
        $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTEND', $day->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
    }
}
