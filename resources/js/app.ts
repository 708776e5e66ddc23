import '../css/base.css'
import { createInertiaApp, type ResolvedComponent } from '@inertiajs/svelte'
import { mount } from 'svelte'
import { keepStill, unwatched } from '@/lib/still'

/** Each page is a script of its own, loaded when it is opened. */
const pages = import.meta.glob<ResolvedComponent>('./*/*Page.svelte')

void createInertiaApp({
    resolve: (name) => {
        const page = pages[`./${name}.svelte`]
        if (!page) throw new Error(`There is no page ${name}.`)
        return page()
    },
    setup({ el, App, props }) {
        const { initialPage } = props
        initialPage.props = unwatched(initialPage.props)
        keepStill()
        if (el) mount(App, { target: el, props })
    },
    // Inertia's progress bar writes a style element, which the content security policy refuses. Frame shows progress instead.
    progress: false,
})
