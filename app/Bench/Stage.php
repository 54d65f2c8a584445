<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\SiteJob;
use App\Plan\Draughtsman;
use App\Stations\Middle;
use Illuminate\Support\Facades\Cache;

/**
 * The middle of the bench: plan, list and legend. What it is drawn from gives its version, so that an unchanged plan is
 * neither laid out nor sent again.
 */
final readonly class Stage
{
    private const KEPT_SECONDS = 3600;

    public function version(Bench $bench): string
    {
        $job = $bench->sheet->job;
        if ($bench->move->middle !== null) {
            return $this->middleVersion($bench->move->middle, $job, $bench);
        }

        return Part::short(serialize([
            url('/'), $job->id, $job->plan_version, $job->acceptance_db, $bench->station, $bench->storey, $bench->open?->card->key(),
            $bench->current(),
            $bench->move->lens, $bench->move->legend, $bench->sheet->plan()->slots, $bench->sheet->plan()->hubs,
            array_map(static fn ($card): ?string => $card->slot->name, $bench->sheet->cards),
        ]));
    }

    /** The middle of a page that needs no slots. */
    public function quick(QuickBench $bench, Middle $middle): Part
    {
        $html = view('bench.stage', ['bench' => $bench, 'job' => $bench->job, 'drawing' => null])->render();

        return Part::ofVersion('stage', $this->middleVersion($middle, $bench->job, $bench), $html);
    }

    private function middleVersion(Middle $middle, SiteJob $job, Bench|QuickBench $bench): string
    {
        return Part::short(serialize([
            url('/'), $job->id, $job->plan_version, $bench->station, $bench->storey, $bench->asked, $middle->version, $bench->mayWork(),
        ]));
    }

    /** Laid out once for each version; the last of each page is kept. */
    public function part(Bench $bench, string $version): Part
    {
        $key = 'stage.'.url('/').".{$bench->sheet->job->id}.{$bench->station}.{$bench->storey}.{$bench->move->chosenLens}";
        $kept = Cache::get($key);
        if (! is_array($kept) || $kept['version'] !== $version) {
            $kept = ['version' => $version, 'html' => $this->render($bench)];
            Cache::put($key, $kept, self::KEPT_SECONDS);
        }

        return Part::ofVersion('stage', $version, $kept['html']);
    }

    private function render(Bench $bench): string
    {
        $drawing = $bench->move->middle === null
            ? Draughtsman::draw($bench->sheet->plan(), $bench->storey, $bench->move->lens, $bench->current())
            : null;

        return view('bench.stage', ['bench' => $bench, 'job' => $bench->sheet->job, 'drawing' => $drawing])->render();
    }
}
