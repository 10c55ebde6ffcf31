import { Navigate, type RouteObject } from 'react-router';
import { SignedInOnly } from '../account/SignedInOnly';
import { SignInPage } from '../account/SignInPage';
import { StudioFrame } from '../account/StudioFrame';
import { Sections } from '../common/Section';
import { OnDevice } from '../devices/BenchStart';
import { PairPage } from '../devices/PairPage';
import { Live } from '../live/Live';
import { Broken } from './Broken';
import { Coming } from './Coming';
import { Frame, PieceFrame } from './Frame';
import { NotHere } from './NotHere';
import { page } from './page';
import { titled, titledFor } from './titles';

/** Every face, lay, design and pot has an address of its own. */
export const routes: RouteObject[] = [
  {
    path: '/sign-in',
    element: <SignInPage />,
    errorElement: <Broken />,
  },
  {
    path: '/pair',
    element: <PairPage />,
    errorElement: <Broken />,
  },
  {
    path: '/look',
    ...page('LookPage', () => import('../look/LookPage')),
    errorElement: <Broken />,
    hydrateFallbackElement: <Coming />,
  },
  {
    path: '/join',
    ...page('JoinPage', () => import('../account/JoinPage')),
    errorElement: <Broken />,
    hydrateFallbackElement: <Coming />,
  },
  {
    element: <SignedInOnly />,
    errorElement: <Broken />,
    hydrateFallbackElement: <Coming />,
    children: [{ element: <Live />, children: [{ element: <OnDevice />, children: within() }] }],
  },
];

/** What is inside of a studio. */
function within(): RouteObject[] {
  return [
    {
      element: <Frame />,
      errorElement: <Broken />,
      children: [
        {
          path: '/',
          ...page('PiecesPage', () => import('../pieces/PiecesPage')),
          handle: titled('Pieces'),
        },
        {
          path: '/sums/:sum?',
          ...page('SumsPage', () => import('../sums/SumsPage')),
          handle: titledFor('phone', 'Quick sums'),
        },
        {
          path: '/glossary',
          ...page('GlossaryPage', () => import('../glossary/GlossaryPage')),
          handle: titledFor('phone', 'Words of the trade'),
        },
        {
          path: '/week',
          ...page('WeekPage', () => import('../week/WeekPage')),
          handle: titledFor('phone', 'This week'),
        },
        {
          path: '/logbook',
          ...page('LogbookPage', () => import('../logbook/LogbookPage')),
          handle: titled('Logbook'),
        },
        {
          path: '/learned',
          ...page('LearnedPage', () => import('../learned/LearnedPage')),
          handle: titled('What the bench taught'),
        },
        {
          path: '/studio',
          element: <StudioFrame />,
          children: [
            {
              index: true,
              ...page('BenchPage', () => import('../bench/BenchPage')),
              handle: titled('Studio'),
            },
            {
              path: 'people',
              ...page('PeoplePage', () => import('../account/PeoplePage')),
              handle: titled('People'),
            },
            {
              path: 'clients',
              ...page('ClientsPage', () => import('../look/ClientsPage')),
              handle: titled('Clients'),
            },
            {
              path: 'devices',
              ...page('DevicesPage', () => import('../devices/DevicesPage')),
              handle: titled('Devices'),
            },
            {
              path: 'backup',
              ...page('BackupPage', () => import('../backup/BackupPage')),
              handle: titled('Backup'),
            },
            {
              path: 'you',
              ...page('YouPage', () => import('../account/YouPage')),
              handle: titled('You'),
            },
          ],
        },
        {
          path: '/shopping',
          ...page('ShoppingPage', () => import('../shopping/ShoppingPage')),
          handle: titledFor('phone', 'Shopping'),
        },
        {
          element: <Sections level="h2" />,
          children: [
            {
              path: '/shelf',
              ...page('ShelfPage', () => import('../shelf/ShelfPage')),
              handle: titled('Shelf'),
            },
            {
              path: '/shelf/designs/new',
              ...page('NewDesignPage', () => import('../shelf/DesignPages')),
              handle: titled('A new design'),
            },
            {
              path: '/shelf/designs/:designId',
              ...page('DesignPage', () => import('../shelf/DesignPage')),
              handle: titled('Design'),
            },
            {
              path: '/shelf/designs/:designId/change',
              ...page('ChangeDesignPage', () => import('../shelf/DesignPages')),
              handle: titled('Change a design'),
            },
            {
              path: '/shelf/pots/new',
              ...page('NewPotPage', () => import('../shelf/PotForm')),
              handle: titled('A new pot'),
            },
            {
              path: '/shelf/pots/:holdingId',
              ...page('PotPage', () => import('../shelf/PotPage')),
              handle: titled('Pot'),
            },
            {
              path: '/shelf/lists',
              ...page('ListsPage', () => import('../shelf/ListsPage')),
              handle: titled('Lists and files'),
            },
            {
              path: '/shelf/supplier',
              ...page('SupplierPage', () => import('../shelf/SupplierPage')),
              handle: titled('Supplier'),
            },
          ],
        },
        { path: '*', element: <NotHere /> },
      ],
    },
    {
      path: '/pieces/:pieceId/work/:stepId?',
      ...page('WorkFrame', () => import('../work/WorkPage')),
      errorElement: <Broken />,
    },
    {
      path: '/pieces/:pieceId',
      element: <PieceFrame />,
      errorElement: <Broken />,
      children: [
        { index: true, element: <Navigate to="survey" replace /> },
        {
          path: 'survey/:faceId?',
          ...page('SurveyPage', () => import('../survey/SurveyPage')),
          handle: titled('Survey'),
        },
        {
          path: 'standing',
          ...page('StandingPage', () => import('../standing/StandingPage')),
          handle: titled('Standing'),
        },
        {
          path: 'money',
          ...page('MoneyPage', () => import('../money/MoneyPage')),
          handle: titled('What it costs'),
        },
        {
          path: 'afterwards',
          ...page('AfterwardsPage', () => import('../afterwards/AfterwardsPage')),
          handle: titled('Afterwards'),
        },
        {
          path: 'photos',
          ...page('PhotosPage', () => import('../photos/PhotosPage')),
          handle: titled('Photos'),
        },
        {
          path: 'photos/before-after',
          ...page('BeforeAfterPage', () => import('../photos/BeforeAfterPage')),
          handle: titled('Before and after'),
        },
        {
          path: 'photos/:photoId',
          ...page('OnPhotoPage', () => import('../photos/on/OnPhotoPage')),
          handle: titled('On the photo'),
        },
        {
          path: 'choose/:faceId?',
          ...page('ChoosePage', () => import('../choose/ChoosePage')),
          handle: titled('Choose'),
        },
        {
          path: 'lay-out/:faceId?/:layId?',
          ...page('LayOutPage', () => import('../lay-out/LayOutPage')),
          handle: titled('Lay out'),
        },
        {
          path: 'coats/:groupId?/:band?',
          ...page('CoatsPage', () => import('../coats/CoatsPage')),
          handle: titled('Coats'),
        },
        {
          path: 'cut',
          ...page('CutPage', () => import('../cut/CutPage')),
          handle: titled('Cut'),
          children: [
            { index: true, ...page('SheetsTab', () => import('../cut/SheetsTab')) },
            { path: 'print', ...page('PrintTab', () => import('../cut/PrintTab')) },
            { path: 'cutter/:layId?', ...page('CutterTab', () => import('../cut/CutterTab')) },
          ],
        },
        {
          path: 'order/:stepId?',
          ...page('OrderPage', () => import('../order/OrderPage')),
          handle: titledFor('phone', 'Order'),
        },
        {
          path: 'gather',
          ...page('GatherPage', () => import('../gather/GatherPage')),
          handle: titled('Gather'),
        },
        { path: '*', element: <NotHere /> },
      ],
    },
  ];
}
