<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Codes\CodeStore;
use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Credential;
use App\Models\HubCheck;
use App\Stations\Middle;
use Kavvel\Core\Pairing\HubSheet;
use Kavvel\Core\Protocol\Protocol;

/** What stands in the middle while devices are paired, where it is not the plan. */
final readonly class PairMiddle
{
    public function __construct(
        private CodeStore $codes,
        private HubSheets $hubSheets,
    ) {}

    public function of(PairLens $lens, JobSheet $sheet, WorkList $work, ?SlotCard $target): ?Middle
    {
        $storey = $target->storey ?? $sheet->geometry->storeys[0]['key'] ?? '';

        return match ($lens) {
            PairLens::Plan => null,
            PairLens::Codes => $this->tray($sheet, $work, $storey),
            PairLens::Hubs => $this->sheets($sheet, $storey),
            PairLens::Bus => $this->bus($sheet, $storey),
            PairLens::Teach => $this->teach($sheet, $storey),
        };
    }

    private function tray(JobSheet $sheet, WorkList $work, string $storey): Middle
    {
        $tray = CodeTray::of($sheet, $work, $this->codes);

        return new Middle('pair.codes', static fn (): array => ['tray' => $tray], $tray->version(), $storey, []);
    }

    private function sheets(JobSheet $sheet, string $storey): Middle
    {
        $hubs = $this->hubs($sheet);
        $seen = array_map(static fn (array $one): array => [
            $one['hub']->gateway->only(['key', 'name', 'url']), $one['sheet'], $one['checks'], $one['speaks'],
            $one['hasSecret'],
        ], $hubs);

        return new Middle('pair.hubs', static fn (): array => ['hubs' => $hubs], serialize($seen), $storey, []);
    }

    private function teach(JobSheet $sheet, string $storey): Middle
    {
        $devices = TaughtDevices::of($sheet);
        $seen = array_map(static fn (TaughtDevice $one): array => $one->version(), $devices);

        return new Middle('pair.teach', static fn (): array => ['devices' => $devices], serialize($seen), $storey, []);
    }

    private function bus(JobSheet $sheet, string $storey): Middle
    {
        $wired = BusBench::of($sheet);

        return new Middle('pair.bus', static fn (): array => ['wired' => $wired], $wired->version(), $storey, []);
    }

    /** @return list<array{hub: Hub, sheet: HubSheet, hasSecret: bool, checks: array<string, HubCheck>, speaks: string}> */
    private function hubs(JobSheet $sheet): array
    {
        $checks = $this->hubSheets->checks($sheet);

        $withSecret = Credential::query()->where('site_job_id', $sheet->job->id)->whereNotNull('gateway_id')->pluck('gateway_id')->all();

        return array_map(fn (Hub $hub): array => [
            'hub' => $hub,
            'sheet' => $this->hubSheets->of($sheet, $hub, $checks),
            'hasSecret' => in_array($hub->gateway->id, $withSecret, true),
            'checks' => $checks->where('gateway_id', $hub->gateway->id)
                ->keyBy(static fn (HubCheck $one): string => $one->item->value)->all(),
            'speaks' => $hub->speaks === [] ? 'Nobody has said what it speaks.' : 'It speaks '.implode(', ', array_map(
                static fn (Protocol $protocol): string => $protocol->title(),
                $hub->speaks,
            )).'.',
        ], $sheet->hubs);
    }
}
