<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Catalogue\NeutralNeed;
use Kavvel\Core\Circuits\Dimmable;

/** Whether a device fits a box, runs there, and bears what it is to switch (RULES 9.4). */
final readonly class BoxFit
{
    /** More than a rounding of the sum */
    private const NOISE = 1e-9;

    /** @param list<FitFinding> $findings each code at most once, in their order */
    private function __construct(public FitCase $case, public array $findings) {}

    public static function of(FitCase $case): self
    {
        $findings = [];
        foreach (FitCode::cases() as $code) {
            $finding = self::finding($code, $case);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return new self($case, $findings);
    }

    public function verdict(): FitVerdict
    {
        $stops = array_filter($this->findings, static fn (FitFinding $one): bool => $one->code->isStop());

        return match (true) {
            $stops !== [] => FitVerdict::DoesNotFit,
            $this->findings !== [] => FitVerdict::FitsIf,
            default => FitVerdict::Fits,
        };
    }

    /** What weighs most against it: a stop before a condition; null: nothing. */
    public function worst(): ?FitFinding
    {
        $stops = array_values(array_filter($this->findings, static fn (FitFinding $one): bool => $one->code->isStop()));

        return $stops[0] ?? $this->findings[0] ?? null;
    }

    public function has(FitCode $code): bool
    {
        return array_filter($this->findings, static fn (FitFinding $one): bool => $one->code === $code) !== [];
    }

    /** The spacer that it needs on the box as it is, in whole millimetres; 0: none. */
    public function spacerMm(): int
    {
        return self::missingMm($this->case);
    }

    private static function finding(FitCode $code, FitCase $case): ?FitFinding
    {
        $words = match ($code) {
            FitCode::TooDeep => self::tooDeep($case),
            FitCode::NoNeutral => self::noNeutral($case),
            FitCode::BorrowedNeutral => self::borrowedNeutral($case),
            FitCode::KindNotRated => self::kindNotRated($case),
            FitCode::MotorOnDimmer => self::motorOnDimmer($case),
            FitCode::OverLoad => self::overLoad($case),
            FitCode::UnderLeastLoad => self::underLeastLoad($case),
            FitCode::NotDimmable => self::ofLamps(
                $case,
                Dimmable::No,
                'Its lamps are not dimmable.',
                'Lamps that dim, or a switch instead.',
            ),
            FitCode::ConnectedLamp => self::connectedLamp($case),
            FitCode::TryDimming => self::ofLamps(
                $case,
                Dimmable::Unknown,
                'Nobody knows whether its lamps dim.',
                'Try one on a dimmer first, from full down to the least.',
            ),
        };

        return $words === null ? null : new FitFinding($code, ...$words);
    }

    /** @return array{string, string}|null why, and what to change */
    private static function tooDeep(FitCase $case): ?array
    {
        $missing = self::missingMm($case);

        return $missing === 0 ? null : [
            sprintf(
                'It needs %s mm with its connectors, the box has %s mm.',
                self::plain($case->needDepthMm()),
                self::plain($case->haveDepthMm()),
            ),
            $case->spacerMm > 0.0
                ? sprintf('A spacer of %d mm in all, %d mm more, or a flatter device.', ceil($case->spacerMm + $missing), $missing)
                : "A spacer of {$missing} mm, or a flatter device.",
        ];
    }

    /** @return array{string, string}|null */
    private static function noNeutral(FitCase $case): ?array
    {
        return $case->neutral === NeutralFound::None && $case->sheet->neutral === NeutralNeed::Needed ? [
            'It needs a neutral, and there is none in the box.',
            'A type that does without, with its least load, or a neutral of this circuit brought in. Never the earth conductor.',
        ] : null;
    }

    /** @return array{string, string}|null */
    private static function borrowedNeutral(FitCase $case): ?array
    {
        return $case->neutral === NeutralFound::Borrowed && $case->sheet->neutral !== NeutralNeed::NotNeeded ? [
            'The neutral in the box is of another circuit.',
            'A neutral of its own circuit and residual-current device, or a type that does without.',
        ] : null;
    }

    /** @return array{string, string}|null */
    private static function kindNotRated(FitCase $case): ?array
    {
        $kinds = [];
        foreach ($case->loads as $load) {
            if ($case->sheet->limitsW[$load->kind->value] <= 0.0) {
                $kinds[$load->kind->value] = $load->kind->words();
            }
        }

        return $kinds === [] ? null : [
            'It is not made for '.implode(' and ', $kinds).'.',
            'A device whose sheet names that kind of load.',
        ];
    }

    /** @return array{string, string}|null */
    private static function motorOnDimmer(FitCase $case): ?array
    {
        $hasMotor = array_filter($case->loads, static fn (SwitchedLoad $load): bool => $load->kind === LoadKind::Motor) !== [];

        return $hasMotor && $case->sheet->isDimmer ? ['A motor never goes on a lamp dimmer.', 'A switch rated for motors.'] : null;
    }

    /** @return array{string, string}|null */
    private static function overLoad(FitCase $case): ?array
    {
        return $case->share() > 1.0 + self::NOISE ? [
            sprintf(
                'It is to switch %s W: %d %% of what it bears%s.',
                self::plain($case->loadW()),
                (int) ceil($case->share() * 100 - self::NOISE),
                $case->ganged > 1 ? " with {$case->ganged} side by side" : '',
            ),
            'Fewer or smaller lamps, a stronger device, or two of them.',
        ] : null;
    }

    /** @return array{string, string}|null */
    private static function underLeastLoad(FitCase $case): ?array
    {
        return ! $case->hasBypass && $case->loadW() < $case->leastLoadW() - self::NOISE ? [
            sprintf(
                'It switches %s W, and needs %s W %s a neutral.',
                self::plain($case->loadW()),
                self::plain($case->leastLoadW()),
                $case->isWiredWithNeutral() ? 'with' : 'without',
            ),
            'A bypass at the lamp, as its sheet says, or more load.',
        ] : null;
    }

    /** @return array{string, string}|null */
    private static function connectedLamp(FitCase $case): ?array
    {
        $isConnected = array_filter(
            $case->loads,
            static fn (SwitchedLoad $load): bool => $load->kind->isLamp() && $load->isConnected,
        ) !== [];

        return $isConnected && $case->sheet->isDimmer ? [
            'Connected lamps never go on a dimmed circuit.',
            'Ordinary lamps behind it, or a switch that leaves their feed on.',
        ] : null;
    }

    /** @return array{string, string}|null */
    private static function ofLamps(FitCase $case, Dimmable $dimmable, string $why, string $change): ?array
    {
        $lamps = array_filter(
            $case->loads,
            static fn (SwitchedLoad $load): bool => $load->kind->isLamp() && $load->dimmable === $dimmable,
        );

        return $lamps !== [] && $case->sheet->isDimmer ? [$why, $change] : null;
    }

    /** Whole millimetres that the box lacks. */
    private static function missingMm(FitCase $case): int
    {
        return max(0, (int) ceil($case->needDepthMm() - $case->haveDepthMm() - self::NOISE));
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}
