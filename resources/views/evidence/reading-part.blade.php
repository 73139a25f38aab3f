{{-- As long as the tries are read for the first time. --}}
<p>{{ $counted }}</p>
<p class="form-text" role="status" hx-get="{{ url()->current() }}" hx-trigger="every 3s" hx-target="closest div">
    {{ __('evidence.reading') }}</p>
