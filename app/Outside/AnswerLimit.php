<?php

declare(strict_types=1);

namespace App\Outside;

use GuzzleHttp\Psr7\StreamDecoratorTrait;
use GuzzleHttp\Psr7\Utils;
use Psr\Http\Message\StreamInterface;

/** Takes in an answer up to a length that no honest hub needs, and breaks the connection beyond it. */
final class AnswerLimit implements StreamInterface
{
    use StreamDecoratorTrait;

    public const BYTES = 8_000_000;

    private int $taken = 0;

    public static function sink(): self
    {
        return new self(Utils::streamFor(Utils::tryFopen('php://temp', 'w+')));
    }

    /** More came than was taken in. */
    public function isOver(): bool
    {
        return $this->taken > self::BYTES;
    }

    public function write($string): int
    {
        $this->taken += strlen($string);

        return $this->isOver() ? 0 : $this->stream->write($string);
    }
}
