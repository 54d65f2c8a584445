<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Fit\BoxFit;
use Kavvel\Core\Fit\FitCase;
use Kavvel\Core\Fit\FitFinding;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\NeutralFound;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Input\Input;

final readonly class FitVerb implements Verb
{
    private const DIGITS = 2;

    public function answer(Input $input): array
    {
        $fit = BoxFit::of(FitCase::of(
            FitSheet::fromInput($input->get('device')),
            $this->box($input),
            array_map(SwitchedLoad::fromInput(...), $input->get('loads')->items()),
        ));

        return [
            'verdict' => $fit->verdict()->value,
            'needDepthMm' => round($fit->case->needDepthMm(), self::DIGITS),
            'haveDepthMm' => round($fit->case->haveDepthMm(), self::DIGITS),
            'loadW' => round($fit->case->loadW(), self::DIGITS),
            'share' => round($fit->case->share(), self::DIGITS),
            'findings' => array_map(static fn (FitFinding $one): array => [
                'code' => $one->code->value, 'severity' => $one->code->severity(), 'why' => $one->why, 'change' => $one->change,
            ], $fit->findings),
        ];
    }

    private function box(Input $input): FoundBox
    {
        $box = $input->get('box');

        return new FoundBox(
            $box->get('depthMm')->numberFrom(0),
            $box->find('spacerMm')?->numberFrom(0) ?? 0.0,
            $input->get('cables')->wholeFrom(0),
            $input->find('ganged')?->wholeFrom(1) ?? 1,
            NeutralFound::from($input->get('neutral')->word(array_column(NeutralFound::cases(), 'value'))),
        );
    }
}
