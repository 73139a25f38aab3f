@props(['action', 'question', 'size' => 'sm', 'label' => null, 'text' => null])
<form method="post" action="{{ $action }}" data-confirm="{{ $question }}">
@csrf
@method('delete')
<x-button :size="$size" :aria-label="$label">{{ $text ?? __('words.delete') }}</x-button>
</form>
