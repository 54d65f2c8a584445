<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** Only text comes further: nothing that is no UTF-8 or has no end, and no characters that nobody can see. */
final readonly class CleanInput
{
    /** All control characters but tab and ends of lines; marks that turn text around */
    private const UNSEEN = '/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f\x{200e}\x{200f}\x{202a}-\x{202e}\x{2066}-\x{2069}]/u';

    /** No field of any form takes nearly as much */
    private const LONGEST_BYTES = 40_000;

    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $values) {
            // No form and no address of ours has lists in it: what has was written by hand, and counts as left out.
            $values->replace($this->clean(array_filter($values->all(), is_scalar(...))));
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, scalar>  $values
     * @return array<array-key, scalar>
     */
    private function clean(array $values): array
    {
        foreach ($values as $key => $value) {
            $isText = mb_check_encoding((string) $key, 'UTF-8')
                && (! is_string($value) || strlen($value) <= self::LONGEST_BYTES && mb_check_encoding($value, 'UTF-8'));
            if (! $isText) {
                throw new UnprocessableEntityHttpException;
            }
            $values[$key] = is_string($value) ? (string) preg_replace(self::UNSEEN, '', $value) : $value;
        }

        return $values;
    }
}
