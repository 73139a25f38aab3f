{{-- How far reading many new reps is; nothing where it is over. --}}
@if ($progress !== null)
    <div role="status" hx-get="{{ route('board.progress') }}" hx-trigger="every 2s" hx-swap="outerHTML">
        <label>{{ __('board.reading', ['done' => number_format($progress['done']), 'all' => number_format($progress['all'])]) }}
            <progress max="{{ $progress['all'] }}" value="{{ $progress['done'] }}"></progress></label>
    </div>
@endif
