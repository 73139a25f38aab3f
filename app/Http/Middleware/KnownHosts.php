<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

/** Turns away requests for another host than the school's own: links are made from the host that was asked for. */
final readonly class KnownHosts
{
    /** Names of this machine itself: who serves on one of them is reached by the others too. */
    private const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

    public function __construct(private Repository $config) {}

    public function handle(Request $request, Closure $next): Response
    {
        abort_unless(in_array($this->asked($request), $this->known(), true), 400);

        return $next($request);
    }

    /** Host and port, the port of https for requests over TLS; null for what no host is called. */
    private function asked(Request $request): ?string
    {
        try {
            return $request->getHost().':'.$request->getPort();
        } catch (SuspiciousOperationException) {
            return null;
        }
    }

    /** @return list<string> host and port of each */
    private function known(): array
    {
        $parts = parse_url((string) $this->config->get('app.url'));
        $own = strtolower($parts['host'] ?? '');
        $port = $parts['port'] ?? (($parts['scheme'] ?? 'http') === 'https' ? 443 : 80);
        $known = array_map(
            static fn (string $host): string => $host.':'.$port,
            in_array($own, self::LOOPBACK, true) ? self::LOOPBACK : [$own],
        );
        foreach ($this->config->get('app.trusted_hosts') as $host) {
            $host = strtolower($host);
            array_push($known, ...preg_match('/:\d+$/', $host) === 1 ? [$host] : [$host.':80', $host.':443']);
        }

        return $known;
    }
}
