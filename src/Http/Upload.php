<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Wubbin\Refusal\InvalidInput;

/** One uploaded file, whole. */
final readonly class Upload
{
    /** @throws Problem when it is missing, too large, or did not arrive whole */
    public static function fromRequest(Request $request, string $field): UploadedFile
    {
        $file = $request->files->get($field);
        if (!($file instanceof UploadedFile)) {
            throw InvalidInput::field($field, 'Choose a file.');
        }
        if (!$file->isValid()) {
            throw in_array($file->getError(), [\UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE], true)
                ? Problem::tooLarge(
                    sprintf(
                        'This file is too large. At most %d MB.',
                        intdiv((int) UploadedFile::getMaxFilesize(), 1048576),
                    ),
                )
                : InvalidInput::field($field, 'The file did not arrive whole. Try again.');
        }

        return $file;
    }
}
