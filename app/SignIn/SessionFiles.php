<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files, written by requests that changed something in them: a poll that began before a form was sent and
 * ended after it would else put back what it had read, and the form's own message would be lost.
 */
final class SessionFiles extends FileSessionHandler
{
    /** One that is only read is marked as alive this often */
    private const ALIVE_SECONDS = 300;

    /** @var array<string, string> what was read, by session */
    private array $read = [];

    public function read($sessionId): string
    {
        return $this->read[$sessionId] = (string) parent::read($sessionId);
    }

    public function write($sessionId, $data): bool
    {
        if ($data !== ($this->read[$sessionId] ?? null)) {
            $this->read[$sessionId] = $data;

            return parent::write($sessionId, $data);
        }
        $file = "{$this->path}/{$sessionId}";
        if ($this->files->exists($file) && $this->files->lastModified($file) < time() - self::ALIVE_SECONDS) {
            touch($file);
        }

        return true;
    }
}
