<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\JobSheet\JobSheet;
use App\Models\Pack;
use App\Models\SiteJob;
use App\Plan\Draughtsman;
use App\Plan\Lens;
use App\Plan\PlanStyle;
use App\Radio\JudgedReading;
use App\Radio\MeshLinks;
use Closure;
use Dompdf\Dompdf;
use Dompdf\Options;

/** Prints the pages of a pack. No code and no key is ever among its data. */
final readonly class PackPress
{
    /** All storeys are printed to one scale, as far as the page is wide */
    private const MM_PER_METRE = 11.0;

    private const WIDEST_MM = 174.0;

    /** @param Closure(int, string): void $progress percent and what is being done */
    public function print(SiteJob $job, Pack $pack, Closure $progress): string
    {
        $progress(10, 'reading the job');
        $sheet = JobSheet::of($job);
        $content = PackContent::of($sheet);
        $progress(30, 'drawing the plans');
        $plans = $this->plans($sheet, $content);
        $progress(55, 'setting the pages');
        $html = view('packs.pack', ['job' => $job, 'pack' => $pack, 'sheet' => $sheet, 'content' => $content, 'plans' => $plans])->render();
        $progress(70, 'printing');
        $dompdf = $this->dompdf();
        $dompdf->loadHtml($html, 'UTF-8');
        $dompdf->render();
        $this->number($dompdf, "{$job->name} · pack {$pack->number}");
        $progress(95, 'storing');

        return (string) $dompdf->output();
    }

    /** @return list<array{name: string, widthMm: float, src: string}> */
    private function plans(JobSheet $sheet, PackContent $content): array
    {
        $links = array_merge(...array_map(
            static fn (JudgedReading $one): array => MeshLinks::of($sheet, $one->mesh, $one->reading),
            $content->readings,
        ));
        $plans = [];
        foreach ($sheet->geometry->storeys as $storey) {
            $drawing = Draughtsman::draw($sheet->plan(), $storey['key'], new Lens($links));
            $svg = view('plan.file', ['drawing' => $drawing, 'paint' => PlanStyle::paper()])->render();
            $plans[] = [
                'name' => $storey['name'],
                'widthMm' => min(self::WIDEST_MM, round($drawing->frame->width * self::MM_PER_METRE)),
                'src' => 'data:image/svg+xml;base64,'.base64_encode($svg),
            ];
        }

        return $plans;
    }

    private function dompdf(): Dompdf
    {
        $folder = storage_path('app');
        $dompdf = new Dompdf(new Options([
            'defaultFont' => 'DejaVu Sans',
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'tempDir' => $folder,
            'fontCache' => $folder,
            'chroot' => $folder,
        ]));
        $dompdf->setPaper('A4');

        return $dompdf;
    }

    private function number(Dompdf $dompdf, string $title): void
    {
        $font = (string) $dompdf->getFontMetrics()->getFont('DejaVu Sans');
        $dompdf->getCanvas()->page_text(51, 806, $title, $font, 8, [0.24, 0.31, 0.34]);
        $dompdf->getCanvas()->page_text(478, 806, 'page {PAGE_NUM} of {PAGE_COUNT}', $font, 8, [0.24, 0.31, 0.34]);
    }
}
