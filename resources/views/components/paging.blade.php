@props(['pages'])
@if ($pages->hasPages())<p class="no-print">@if ($pages->previousPageUrl())<a class="btn btn-plain btn-sm" href="{{ $pages->previousPageUrl() }}">The ones before</a>@endif Page {{ $pages->currentPage() }} of {{ $pages->lastPage() }} @if ($pages->nextPageUrl())<a class="btn btn-plain btn-sm" href="{{ $pages->nextPageUrl() }}">The next ones</a>@endif</p>@endif
