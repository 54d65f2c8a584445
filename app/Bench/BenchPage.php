<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\SiteJob;
use App\Models\User;
use App\Plan\Draughtsman;
use App\Stations\Move;
use App\Stations\Station;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Puts a station's move into the bench; a poll that is up to date gets nothing. */
final readonly class BenchPage
{
    /** @param Closure(JobSheet): Move $move */
    public function show(Request $request, SiteJob $job, Station $station, Closure $move): Response
    {
        if ($request->query('since') === (string) $job->live_version) {
            return response()->noContent();
        }
        /** @var User $user */
        $user = $request->user();
        $sheet = JobSheet::of($job);
        $found = $move($sheet);
        $open = $sheet->card($request->string('slot')->toString() ?: null);
        $pulse = JobCounts::of($job);
        $bench = new Bench(
            $sheet,
            Line::of($sheet, $pulse),
            $station,
            $found,
            Draughtsman::draw($sheet, $this->storey($request, $sheet, $open?->storey, $found), $found->lens, $open?->key() ?? $found->slot),
            $open === null ? null : SlotSheet::of($open, $sheet),
            $this->stack($request, $sheet),
            $pulse->openSnags,
            $user,
            $request->fullUrlWithQuery(['since' => $job->live_version]),
        );

        return response(view('bench.show', ['bench' => $bench])->fragmentIf($request->headers->has('HX-Request') && ! $request->headers->has('HX-History-Restore-Request'), 'bench'));
    }

    /** @return list<SlotCard> */
    private function stack(Request $request, JobSheet $sheet): array
    {
        $keys = explode(' ', $request->string('stack')->toString());

        return array_values(array_intersect_key($sheet->cards, array_flip($keys)));
    }

    /** The storey that was asked for, or the one of the slot in hand, or the gateway's. */
    private function storey(Request $request, JobSheet $sheet, ?string $openStorey, Move $move): string
    {
        $asked = $request->string('storey')->toString();
        if ($sheet->geometry->storey($asked) !== null) {
            return $asked;
        }

        return $openStorey ?? $sheet->card($move->slot)->storey ?? $sheet->gatewayStorey() ?? $sheet->geometry->storeys[0]['key'];
    }
}
