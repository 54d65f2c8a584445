<?php

declare(strict_types=1);

namespace App\Plan;

/** How a part of the drawing is coloured: by class on screen, where themes change, and by attribute on paper. */
final readonly class PlanStyle
{
    private const FONT = 'font-family="DejaVu Sans" font-weight="normal"';

    private const BOLD = 'font-family="DejaVu Sans" font-weight="bold"';

    /** The paper's face is wider than the screen's */
    private const PAPER_TEXT = 0.8;

    /** The light theme's tokens, for paper. */
    private const PRINT = [
        'floor' => 'fill="#ffffff"',
        'wall' => 'fill="#26383f"',
        'opening' => 'fill="#ffffff"',
        'pane' => 'stroke="#26383f" stroke-width="0.035" fill="none"',
        'tread' => 'stroke="#d4dad8" stroke-width="0.05"',
        'room' => 'fill="#3d5057" '.self::BOLD,
        'plate planned' => 'fill="#ffffff" stroke="#3d5057" stroke-width="0.05" stroke-dasharray="0.12 0.08"',
        'plate in' => 'fill="#f8ece2" stroke="#a8480f" stroke-width="0.06"',
        'plate proved' => 'fill="#a8480f" stroke="#a8480f" stroke-width="0.06"',
        'plate fault' => 'fill="#fdeaea" stroke="#96181f" stroke-width="0.06" stroke-dasharray="0.03 0.06"',
        'plate stack' => 'fill="#ffffff" stroke="#12242b" stroke-width="0.05"',
        'part planned' => 'fill="#ffffff" stroke="#3d5057" stroke-width="0.02"',
        'part in' => 'fill="#f8ece2" stroke="#a8480f" stroke-width="0.025"',
        'part proved' => 'fill="#a8480f" stroke="#a8480f" stroke-width="0.025"',
        'part fault' => 'fill="#96181f" stroke="#96181f" stroke-width="0.025"',
        'tag planned' => 'fill="#12242b" '.self::BOLD,
        'tag in' => 'fill="#12242b" '.self::BOLD,
        'tag fault' => 'fill="#96181f" '.self::BOLD,
        'tag stack' => 'fill="#12242b" '.self::BOLD,
        'tag proved' => 'fill="#ffffff" '.self::BOLD,
        'label' => 'fill="#12242b" '.self::FONT,
        'hub' => 'fill="#12242b"',
        'hub-text' => 'fill="#ffffff" '.self::BOLD,
        'point' => 'fill="none" stroke="#6f8d97" stroke-width="0.04"',
        'point disturber' => 'fill="#fff3cf" stroke="#12242b" stroke-width="0.05"',
        'link accepted' => 'stroke="#a8480f" fill="none"',
        'link thin' => 'stroke="#12242b" fill="none" stroke-dasharray="0.22 0.12"',
        'link lost' => 'stroke="#96181f" fill="none" stroke-dasharray="0.05 0.12"',
        'link hidden' => 'stroke="#96181f" fill="none" stroke-dasharray="0.3 0.1 0.06 0.1"',
        'link forecast' => 'stroke="#12242b" fill="none" stroke-dasharray="0.05 0.11" stroke-linecap="round"',
        'capsule accepted' => 'fill="#ffffff" stroke="#a8480f" stroke-width="0.035"',
        'capsule thin' => 'fill="#fff3cf" stroke="#12242b" stroke-width="0.035"',
        'capsule lost' => 'fill="#fdeaea" stroke="#96181f" stroke-width="0.035"',
        'capsule hidden' => 'fill="#fdeaea" stroke="#96181f" stroke-width="0.035"',
        'capsule forecast' => 'fill="#ffffff" stroke="#12242b" stroke-width="0.035"',
        'capsule-text' => 'fill="#12242b" '.self::BOLD,
        'bracket' => 'stroke="#12242b" stroke-width="0.07" fill="none"',
    ];

    /** @param array<string, string> $parts attributes by part */
    private function __construct(private bool $onPaper, private array $parts) {}

    public static function screen(): self
    {
        $classes = [];
        foreach (array_keys(self::PRINT) as $part) {
            [$shape, $state] = [...explode(' ', $part), ''];
            $classes[$part] = $state === '' ? "class=\"p-{$shape}\"" : "class=\"p-{$shape} is-{$state}\"";
        }

        return new self(false, $classes);
    }

    public static function paper(): self
    {
        return new self(true, self::PRINT);
    }

    /** A font size of the drawing, in metres, as this medium draws it. */
    public function size(float $metres): float
    {
        return $this->onPaper ? round($metres * self::PAPER_TEXT, 3) : $metres;
    }

    /** The attributes of one part. */
    public function __invoke(string $part): string
    {
        return $this->parts[$part];
    }
}
