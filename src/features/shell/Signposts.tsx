import { shellWords as say } from '../../ui/words/shellWords';
import Link from '../../ui/Link';
import { SCREENS } from './screens';

const POST = `sign flex min-h-[48px] items-center px-2 text-[0.98rem] whitespace-nowrap
  sm:min-h-14 sm:px-4 sm:text-[1.05rem]`;
const HERE = 'fingerpost bg-base-100 pr-4 pl-2.5 text-ink sm:pr-6 sm:pl-4';
const ELSEWHERE = 'hover:underline hover:underline-offset-8';

const INDOORS = SCREENS.filter(({ outdoors }) => !outdoors);

/** The ways to the screens. On a phone those used outdoors stand, the rest hang on one more post. */
export function Signposts({ here }: { here: string }) {
  const hung = INDOORS.find(({ path }) => path === here);
  return (
    <nav
      aria-label={say.screens}
      className="order-last -mx-4 flex w-[calc(100%+2rem)] flex-wrap justify-between sm:order-none sm:mx-0 sm:w-auto"
    >
      {SCREENS.map(({ path, name, outdoors }) => (
        <Post
          key={path}
          path={path}
          name={name}
          here={here}
          when={outdoors ? '' : 'max-sm:hidden'}
        />
      ))}
      <details
        key={here}
        className="relative sm:hidden"
        onKeyDown={(event) => {
          if (event.key === 'Escape') event.currentTarget.open = false;
        }}
      >
        <summary
          className={`${POST} ${hung ? HERE : ELSEWHERE} cursor-pointer list-none [&::-webkit-details-marker]:hidden`}
        >
          {hung ? `${hung.name} …` : say.more}
        </summary>
        <div className="absolute top-full right-0 z-40 min-w-36 bg-neutral pb-2 shadow-lg">
          {INDOORS.map(({ path, name }) => (
            <Post key={path} path={path} name={name} here={here} when="px-4" />
          ))}
        </div>
      </details>
    </nav>
  );
}

function Post(props: { path: string; name: string; here: string; when: string }) {
  const { path, name, here, when } = props;
  return (
    <Link
      href={path}
      aria-current={path === here ? 'page' : undefined}
      className={`${POST} ${path === here ? HERE : ELSEWHERE} ${when}`}
    >
      {name}
    </Link>
  );
}
