<?php

declare(strict_types=1);

namespace App\Naming;

use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\RenamePlan;

/** Which names are to be changed, as a page's address says it: "unnamed", "pattern", or "old words > new words". */
final readonly class RenameAsk
{
    public const UNNAMED = 'unnamed';

    public const PATTERN = 'pattern';

    private function __construct(public string $text, private string $from, private string $to) {}

    public static function of(?string $text): ?self
    {
        $text = trim((string) $text);
        [$from, $to] = [...explode('>', $text, 2), ''];

        return match (true) {
            $text === self::UNNAMED, $text === self::PATTERN => new self($text, '', ''),
            str_contains($text, '>') && trim($from) !== '' => new self($text, trim($from), trim($to)),
            default => null,
        };
    }

    /** All by the pattern of the job. */
    public static function allByPattern(): self
    {
        return new self(self::PATTERN, '', '');
    }

    /** "by the pattern", in the middle of a sentence */
    public function words(): string
    {
        return match ($this->text) {
            self::UNNAMED => 'those without a name, by the pattern',
            self::PATTERN => 'all by the pattern',
            default => $this->to === '' ? "“{$this->from}” left out" : "“{$this->from}” becomes “{$this->to}”",
        };
    }

    /**
     * @param  list<Device>  $devices
     * @return array<array-key, string> new names by id
     */
    public function wanted(Pattern $pattern, array $devices): array
    {
        return match ($this->text) {
            self::UNNAMED => RenamePlan::byPattern($pattern, $devices, true),
            self::PATTERN => RenamePlan::byPattern($pattern, $devices, false),
            default => RenamePlan::swapped($devices, $this->from, $this->to),
        };
    }
}
