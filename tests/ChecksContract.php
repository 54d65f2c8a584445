<?php

declare(strict_types=1);

namespace Tests;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Holds the answers of the running stand-in against the contract of a link. */
trait ChecksContract
{
    /**
     * @param  array<string, mixed>|null  $body
     * @param  string  $at  what stands before the path of the contract
     * @return array<string, mixed>
     */
    private function check(
        string $method,
        string $template,
        string $path,
        int $status,
        ?array $body = null,
        string $token = 'contract',
        string $at = '',
    ): array {
        $json = (string) @file_get_contents(self::$url.$at.$path, false, stream_context_create(['http' => [
            'method' => $method,
            'header' => "Authorization: Bearer {$token}\r\nContent-Type: application/json\r\n",
            'content' => $body === null ? '' : (string) json_encode($body),
            'ignore_errors' => true,
        ]]));
        self::assertStringContainsString(" {$status} ", ($http_response_header[0] ?? '').' ', "{$method} {$path}: {$json}");
        $contract = self::contract();
        $response = $contract['paths'][$template][strtolower($method)]['responses'][(string) $status] ?? [];
        $shape = $response['content']['application/json']['schema'] ?? null;
        self::assertNotNull($shape, "the contract has no {$status} for {$method} {$template}");
        $schema = [...$shape, 'components' => $contract['components']];
        $result = (new Validator)->validate(json_decode($json), (string) json_encode($schema));
        self::assertTrue(
            $result->isValid(),
            $result->error() === null ? '' : "{$method} {$path}: ".json_encode((new ErrorFormatter)->format($result->error())),
        );

        return (array) json_decode($json, true);
    }

    /** @return array<string, mixed> */
    private static function contract(): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__).'/docs/'.self::contractFile()), true, 64, JSON_THROW_ON_ERROR);
    }

    /** In docs/ */
    abstract private static function contractFile(): string;
}
