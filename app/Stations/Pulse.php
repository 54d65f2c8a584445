<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\SiteJob;
use Illuminate\Support\Facades\DB;

/** The few numbers that every page of a job shows on its line, fetched together. */
final readonly class Pulse
{
    private function __construct(
        public int $openSnags,
        public int $openQuestions,
        public bool $isSurveyed,
        public int $accepted,
        public int $thin,
        public int $lost,
        public bool $isHandedOver,
    ) {}

    public static function of(SiteJob $job): self
    {
        $survey = DB::table('radio_surveys')->where('site_job_id', $job->id)->where('state', 'done')->orderByDesc('id')->limit(1);
        $row = DB::query()
            ->selectSub(DB::table('snags')->selectRaw('count(*)')->where('site_job_id', $job->id)->where('state', 'open'), 'snags')
            ->selectSub(DB::table('questions')->selectRaw('count(*)')->where('site_job_id', $job->id)->whereNull('answered_at'), 'questions')
            ->selectSub((clone $survey)->select('accepted'), 'accepted')
            ->selectSub((clone $survey)->select('thin'), 'thin')
            ->selectSub((clone $survey)->select('lost'), 'lost')
            ->selectSub(DB::table('packs')->select('state')->where('site_job_id', $job->id)->orderByDesc('id')->limit(1), 'pack')
            ->first();

        return new self((int) $row?->snags, (int) $row?->questions, $row?->accepted !== null, (int) $row?->accepted, (int) $row?->thin, (int) $row?->lost, $row?->pack === 'ready');
    }
}
