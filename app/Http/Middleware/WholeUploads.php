<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Store\FileFailure;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Symfony\Component\HttpFoundation\Response;

/** A file that this machine had no room to take in is not the sender's fault. */
final class WholeUploads
{
    private const NOT_TAKEN = [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR];

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws FileFailure where one was not written
     */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (Arr::flatten($request->allFiles()) as $file) {
            if ($file instanceof UploadedFile && \in_array($file->getError(), self::NOT_TAKEN, true)) {
                throw FileFailure::notWritten('what was sent');
            }
        }

        return $next($request);
    }
}
