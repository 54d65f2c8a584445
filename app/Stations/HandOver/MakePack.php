<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Logbook\Logbook;
use App\Models\Pack;
use App\Tenancy\CurrentCompany;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Makes one pack in the queue: its pages, its file, its SHA-256. */
final class MakePack implements ShouldQueue
{
    use Queueable;

    public int $timeout = 110;

    public function __construct(private readonly int $companyId, private readonly int $packId) {}

    public function handle(CurrentCompany $company, PackPress $press, Logbook $logbook): void
    {
        $company->during($this->companyId, function () use ($press, $logbook): void {
            $pack = Pack::query()->with('user')->whereKey($this->packId)->firstOrFail();
            $job = $pack->job()->firstOrFail();
            $lastEntry = $job->logEntries()->max('id');
            $pdf = $press->print($job, $pack, static function (int $progress, string $step) use ($job, $pack): void {
                $pack->update(['state' => 'making', 'progress' => $progress, 'step' => $step]);
                $job->touchLive();
            });
            $path = "packs/{$job->id}/{$pack->number}.pdf";
            Storage::disk('local')->put($path, $pdf);
            $pack->update([
                'state' => 'ready',
                'progress' => 100,
                'step' => null,
                'path' => $path,
                'sha256' => hash('sha256', $pdf),
                'bytes' => strlen($pdf),
                'last_entry_id' => $lastEntry,
                'ready_at' => now(),
            ]);
            $logbook->write($job, $pack->user ?? Logbook::HUB, 'pack', "Issued pack {$pack->number}, SHA-256 {$pack->sha256}.");
        });
    }

    public function failed(?Throwable $why): void
    {
        app(CurrentCompany::class)->during($this->companyId, function (): void {
            $pack = Pack::query()->whereKey($this->packId)->firstOrFail();
            $pack->update([
                'state' => 'failed',
                'step' => null,
                'reason' => 'The pages could not be made. Ask for it again; if it fails again, note it as a snag.',
            ]);
            $pack->job()->firstOrFail()->touchLive();
        });
    }
}
