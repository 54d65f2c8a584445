<?php

declare(strict_types=1);

namespace App\Outside;

use Closure;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Throwable;

/** Speaks to a box or a service by one of the links in docs/. Whatever it answers is read by its path, or refused. */
final readonly class Connection
{
    private const SECONDS = 3;

    /** One lost answer on a busy line is no absence */
    private const TRIES = 2;

    private const PAUSE_MS = 200;

    /** @param string $who as people call it at the beginning of a sentence: “The hub” */
    public function __construct(private string $who, public string $url, private string $token) {}

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws OutsideFailure
     */
    public function send(string $method, string $path, array $data = []): Response
    {
        try {
            // A second try is safe: a command is carried out once, whoever repeats it.
            $response = $this->request()
                ->retry(
                    self::TRIES,
                    self::PAUSE_MS,
                    static fn (Throwable $failed): bool => $failed instanceof ConnectionException,
                    throw: false,
                )
                ->send($method, $this->url.$path, $method === 'GET' ? ['query' => $data] : ['json' => (object) $data]);
        } catch (ConnectionException) {
            throw $this->away();
        }
        $this->check($response);

        return $response;
    }

    public function request(): PendingRequest
    {
        return Http::withToken($this->token)->acceptJson()->connectTimeout(self::SECONDS)->timeout(self::SECONDS)
            ->withoutRedirecting()->withOptions(['sink' => AnswerLimit::sink()]);
    }

    /**
     * @template T
     *
     * @param  Closure(Input): T  $read
     * @return T
     *
     * @throws OutsideFailure
     */
    public function reading(Response $response, Closure $read): mixed
    {
        $this->check($response);
        try {
            return $read(Input::parse($response->body()));
        } catch (InvalidInput $wrong) {
            throw OutsideBroken::sends($this->who, $wrong);
        }
    }

    public function away(): OutsideAway
    {
        return OutsideAway::at($this->who, $this->url);
    }

    /** @throws OutsideFailure */
    private function check(Response $response): void
    {
        // A connection that broke in the middle is handed on with what had come until then.
        $body = $response->toPsrResponse()->getBody();
        if ($body instanceof AnswerLimit && $body->isOver()) {
            throw OutsideBroken::tooLong($this->who, AnswerLimit::BYTES);
        }
        if ($response->serverError()) {
            throw $this->away();
        }
        if ($response->redirect()) {
            throw OutsideBroken::withStatus($this->who, $response->status());
        }
        if (! $response->successful()) {
            $message = $response->json('error.message');
            $reason = $response->json('error.code');
            throw OutsideRefused::saying(
                is_string($message) ? mb_strimwidth($message, 0, 200, '…') : "It answered {$response->status()}.",
                is_string($reason) ? $reason : null,
            );
        }
    }
}
