<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** Reads a code of any kind. What it is, its shape says: nobody has to choose first. */
final readonly class Codes
{
    /** A Matter manual code or a DSK with a digit too many or too few is still meant as one */
    private const SLIP = 2;

    /** Of a Z-Wave QR code that was cut off, this much is told from a manual code; no DSK begins like it */
    private const LEAST_QR = 24;

    /** Fewer hex digits than this are any word */
    private const LEAST_HEX = 12;

    /**
     * @param  CodeKind|null  $kind  null: by its shape
     * @return non-empty-list<Code> several where a Matter QR code holds several payloads
     *
     * @throws CodeRefused
     */
    public static function read(string $text, ?CodeKind $kind = null): array
    {
        $typed = Typed::plain($text);
        $kind ??= MatterQr::isMeant(Typed::withDashes($text)) ? CodeKind::MatterQr : self::kindOf($typed);

        return match ($kind) {
            CodeKind::MatterQr => MatterQr::readAll(Typed::withDashes($text)),
            CodeKind::MatterManual => [MatterManual::read($typed)],
            CodeKind::ZWaveQr => [ZWaveQr::read($typed)],
            CodeKind::ZWaveDsk => [Dsk::read($typed)],
            CodeKind::ZigbeeInstallCode => [InstallCode::read($typed)],
            CodeKind::ThreadDataset => [ThreadDataset::read($typed)],
            CodeKind::Eui64 => [Eui64::read($typed)],
        };
    }

    /** @throws CodeRefused */
    private static function kindOf(Typed $typed): CodeKind
    {
        $length = $typed->length();

        return match (true) {
            $length === 0 => throw CodeRefused::unknownFormat('There is no code.'),
            $typed->isHex() && InstallCode::holds($typed->code) => CodeKind::ZigbeeInstallCode,
            ThreadDataset::isMeant($typed) => CodeKind::ThreadDataset,
            $typed->isMeantAsDigits() && self::digitKind($typed) !== null => self::digitKind($typed),
            ! $typed->isHex() => self::slippedHex($typed),
            $length === 16 => CodeKind::Eui64,
            $length > max(InstallCode::LENGTHS) + self::SLIP => CodeKind::ThreadDataset,
            $length >= self::LEAST_HEX => CodeKind::ZigbeeInstallCode,
            default => throw self::unknown(),
        };
    }

    /** What digits of this length are meant as; hex digits may look like it, so that all of them being digits decides. */
    private static function digitKind(Typed $typed): ?CodeKind
    {
        $length = $typed->length();
        $isNear = static fn (int $wanted): bool => abs($length - $wanted) <= self::SLIP;
        $isSure = ! $typed->isHex() || $typed->isDigits();

        return match (true) {
            $length === 11, $length === 21 => CodeKind::MatterManual,
            $isSure && $length >= self::LEAST_QR && str_starts_with($typed->code, '90') => CodeKind::ZWaveQr,
            $length === Dsk::DIGITS => CodeKind::ZWaveDsk,
            ! $isSure, in_array($length, InstallCode::LENGTHS, true) && ! $isNear(21) => null,
            $isNear(Dsk::DIGITS) => CodeKind::ZWaveDsk,
            $isNear(11), $isNear(21) => CodeKind::MatterManual,
            default => null,
        };
    }

    /** Hex digits with a letter among them that looks like a digit. */
    private static function slippedHex(Typed $typed): CodeKind
    {
        $others = (int) preg_match_all('/[^0-9A-F]/u', $typed->code);
        if ($others * 6 > $typed->length()) {
            throw self::unknown();
        }

        return match (true) {
            $typed->length() === 16 => CodeKind::Eui64,
            in_array($typed->length(), InstallCode::LENGTHS, true) => CodeKind::ZigbeeInstallCode,
            $typed->length() > max(InstallCode::LENGTHS) => CodeKind::ThreadDataset,
            default => throw self::unknown(),
        };
    }

    private static function unknown(): CodeRefused
    {
        return CodeRefused::unknownFormat(
            'It has the shape of no code: a Matter QR code begins with “MT:”, a manual code has 11 or 21 digits, a Z-Wave QR code begins '
                .'with 90, a DSK has 40 digits, an install code 16 to 36 hex digits.',
        );
    }
}
